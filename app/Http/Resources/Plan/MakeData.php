<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Workroom\CardSummary;
use App\Models\Card;
use App\Models\Make;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Planning\Facts\NeededPoints;

#[OA\Schema]
final readonly class MakeData
{
    /**
     * @param  list<string>  $views
     * @param  list<string>  $fits
     * @param  list<CardSummary>  $cards
     * @param  list<string>  $needed_points
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change; grows by one with each')] public int $version,
        #[OA\Property(description: 'its own; may be empty')] public string $name,
        #[OA\Property(description: 'one sentence; may be empty')] public string $note,
        #[OA\Property] public string $wearer,
        #[OA\Property] public int $wearer_id,
        #[OA\Property] public int $card_id,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        #[OA\Property(description: 'what was worn underneath')] public string $card_foundation,
        #[OA\Property(description: 'of the wearer, newest first', items: new OA\Items(ref: CardSummary::class))] public array $cards,
        #[OA\Property(oneOf: [new OA\Schema(ref: NewerCardData::class), new OA\Schema(type: 'null')])] public ?NewerCardData $newer_card,
        #[OA\Property(
            description: 'that the pattern can make use of, from the top down',
            items: new OA\Items(type: 'string'),
        )] public array $needed_points,
        #[OA\Property] public int $pattern_id,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property(description: 'meant in the choices', enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: ChoicesDocument::class)] public stdClass $choices,
        #[OA\Property(description: 'of the pattern', items: new OA\Items(type: 'string'))] public array $views,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $fits,
        #[OA\Property(description: 'by envelope, the sizes that nest with its own', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public stdClass $ranges,
        #[OA\Property(
            description: 'the pattern\'s own rule for a measure between two sizes',
            enum: ['up', 'down', 'nearest'],
        )] public string $between,
        #[OA\Property(description: 'whether the pattern has a drawing of its own lines')] public bool $has_nest,
    ) {
    }

    /** @param  Unit  $unit  the one that sentences speak in */
    public static function of(Make $make, Unit $unit, CarbonImmutable $today): self
    {
        $make->load('card.wearer.cards.readings', 'card.readings', 'pattern');
        $pattern = $make->pattern->toCore(new FaultLog);

        return new self(
            id: $make->id,
            version: $make->version,
            name: $make->name,
            note: $make->note,
            wearer: $make->card->wearer->name,
            wearer_id: $make->card->wearer_id,
            card_id: $make->card_id,
            card_taken_on: $make->card->taken_on->toDateString(),
            card_foundation: $make->card->foundation,
            cards: array_values(
                $make->card->wearer->cards->map(static fn (Card $card): CardSummary => CardSummary::of($card, $today))->all(),
            ),
            newer_card: NewerCardData::of($make, $unit),
            needed_points: $pattern === null
                ? []
                : array_map(static fn (Point $point): string => $point->value, NeededPoints::of($pattern)),
            pattern_id: $make->pattern_id,
            pattern: $make->pattern->name,
            house: $make->pattern->house,
            unit: $make->unit->value,
            choices: $make->sizeWords()->shown($make->choices),
            views: $pattern->parts->views ?? [],
            fits: $pattern->parts->fits ?? [],
            ranges: (object) ($pattern === null ? [] : $make->sizeWords()->byRange($pattern)),
            between: ($pattern->between ?? BetweenRule::Up)->value,
            has_nest: $make->pattern->nests()->exists(),
        );
    }
}

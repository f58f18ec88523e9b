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

final readonly class MakeData
{
    /**
     * @param  int  $version  to be sent back with a change; grows by one with each
     * @param  string  $name  its own; may be empty
     * @param  string  $note  one sentence; may be empty
     * @param  string  $card_foundation  what was worn underneath
     * @param  list<CardSummary>  $cards  of the wearer, newest first
     * @param  list<string>  $needed_points  that the pattern can make use of, from the top down
     * @param  value-of<Unit>  $unit  meant in the choices
     * @param  list<string>  $views  of the pattern
     * @param  list<string>  $fits
     * @param  stdClass  $ranges  by envelope, the sizes that nest with its own
     * @param  value-of<BetweenRule>  $between  the pattern's own rule for a measure between two sizes
     * @param  bool  $has_nest  whether the pattern has a drawing of its own lines
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $note,
        public string $wearer,
        public int $wearer_id,
        public int $card_id,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        public string $card_foundation,
        public array $cards,
        public ?NewerCardData $newer_card,
        public array $needed_points,
        public int $pattern_id,
        public string $pattern,
        public string $house,
        public string $unit,
        #[OA\Property(ref: ChoicesDocument::class)] public stdClass $choices,
        public array $views,
        public array $fits,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))] public stdClass $ranges,
        public string $between,
        public bool $has_nest,
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

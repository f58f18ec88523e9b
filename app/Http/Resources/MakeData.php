<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\FaultLog;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\Range;

#[OA\Schema]
final readonly class MakeData
{
    /**
     * @param  list<string>  $views
     * @param  list<string>  $fits
     * @param  list<string>  $ranges
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $wearer,
        #[OA\Property] public int $card_id,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        #[OA\Property] public int $pattern_id,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property(description: 'meant in the choices', enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: ChoicesDocument::class)] public stdClass $choices,
        #[OA\Property(description: 'of the pattern', items: new OA\Items(type: 'string'))] public array $views,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $fits,
        #[OA\Property(description: 'envelopes', items: new OA\Items(type: 'string'))] public array $ranges,
        #[OA\Property(description: 'the pattern\'s own rule for a measure between two sizes', enum: ['up', 'down', 'nearest'])] public string $between,
    ) {
    }

    public static function of(Make $make): self
    {
        $pattern = $make->pattern->toCore(new FaultLog);

        return new self(
            $make->id,
            $make->card->wearer->name,
            $make->card_id,
            $make->card->taken_on->toDateString(),
            $make->pattern_id,
            $make->pattern->name,
            $make->pattern->house,
            $make->unit->value,
            $make->choices,
            $pattern->parts->views ?? [],
            $pattern->parts->fits ?? [],
            array_map(static fn (Range $range): string => $range->name, $pattern->ranges ?? []),
            ($pattern->between ?? BetweenRule::Up)->value,
        );
    }
}

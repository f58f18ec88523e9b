<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\HandPoint;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Body;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

final readonly class HandPointData
{
    /**
     * @param  value-of<Point>  $point
     * @param  string  $words  what the point is called
     * @param  list<string>  $readings  as typed; none where a make's file said the spread alone
     * @param  ?value-of<Unit>  $unit  meant where a reading names none
     * @param  int  $spread_nm  largest less smallest
     * @param  int  $counts_nm  how far a measure by this hand may lie from the true one
     * @param  ?string  $spread  as a make's file said it
     */
    public function __construct(
        public string $point,
        public string $words,
        public array $readings,
        public ?string $unit,
        #[OA\Property(format: 'date')] public ?string $on,
        public int $spread_nm,
        public ?int $middle_nm,
        public int $counts_nm,
        public ?string $spread,
    ) {
    }

    public static function of(HandPoint $at): self
    {
        return new self(
            point: $at->point->value,
            words: $at->point->words(),
            readings: $at->kept['readings'] ?? [],
            unit: $at->unit()?->value,
            on: $at->kept['on'] ?? null,
            spread_nm: $at->spread->nanometres,
            middle_nm: $at->repeat?->middle->nanometres,
            counts_nm: Body::scatterOf($at->spread)->nanometres,
            spread: $at->kept['spread'] ?? null,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\Counting;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;

/** What is taken from the readings of one point. */
final readonly class MeasureData
{
    /**
     * @param  int  $length_nm  the one that counts, or half way between the two in the middle
     * @param  int  $spread_nm  largest less smallest reading
     * @param  Counting  $counts  which of the readings counts
     * @param  int  $of  how many readings there are
     */
    public function __construct(
        public string $point,
        public int $length_nm,
        public int $spread_nm,
        public Counting $counts,
        public int $of,
    ) {
    }

    public static function of(string $point, Readings $readings): self
    {
        $at = Point::from($point);

        return new self($point, $readings->measureOf($at)->nanometres, $readings->spread()->nanometres, $readings->counting($at), $readings->count());
    }

    /**
     * @param  array<string, Readings>  $readings  by point
     * @return list<self>
     */
    public static function all(array $readings): array
    {
        return array_map(self::of(...), array_keys($readings), array_values($readings));
    }
}

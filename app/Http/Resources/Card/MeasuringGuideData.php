<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\PointGuides;
use Underbolt\Measure\PointSet;

/** How every point is measured, and which belong together; the same for everyone. */
final readonly class MeasuringGuideData
{
    /**
     * @param  list<PointData>  $points  as the tape travels down
     * @param  list<PointSetData>  $sets
     */
    public function __construct(
        public array $points,
        public array $sets,
    ) {
    }

    public static function whole(): self
    {
        return new self(
            array_map(PointData::of(...), array_values(PointGuides::all())),
            array_map(PointSetData::of(...), PointSet::cases()),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\PointGuides;
use Underbolt\Measure\PointSet;

#[OA\Schema(description: 'how every point is measured, and which belong together; the same for everyone')]
final readonly class MeasuringGuideData
{
    /**
     * @param  list<PointData>  $points
     * @param  list<PointSetData>  $sets
     */
    public function __construct(
        #[OA\Property(description: 'as the tape travels down', items: new OA\Items(ref: PointData::class))] public array $points,
        #[OA\Property(items: new OA\Items(ref: PointSetData::class))] public array $sets,
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

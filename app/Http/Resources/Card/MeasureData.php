<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;

#[OA\Schema(description: 'what is taken from the readings of one point')]
final readonly class MeasureData
{
    public function __construct(
        #[OA\Property] public string $point,
        #[OA\Property(description: 'the median')] public int $length_nm,
        #[OA\Property(description: 'largest less smallest reading')] public int $spread_nm,
    ) {
    }

    public static function of(string $point, Readings $readings): self
    {
        return new self($point, $readings->measureOf(Point::from($point))->nanometres, $readings->spread()->nanometres);
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

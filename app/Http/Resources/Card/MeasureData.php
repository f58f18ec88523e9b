<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Counting;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;

#[OA\Schema(description: 'what is taken from the readings of one point')]
final readonly class MeasureData
{
    public function __construct(
        #[OA\Property] public string $point,
        #[OA\Property(description: 'the one that counts, or half way between the two in the middle')] public int $length_nm,
        #[OA\Property(description: 'largest less smallest reading')] public int $spread_nm,
        #[OA\Property(description: 'which of the readings counts', type: 'string', enum: Counting::class)] public Counting $counts,
        #[OA\Property(description: 'how many readings there are')] public int $of,
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

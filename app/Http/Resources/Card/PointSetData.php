<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Point;
use Underbolt\Measure\PointSet;

#[OA\Schema]
final readonly class PointSetData
{
    /** @param  list<string>  $points */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $title,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $points,
    ) {
    }

    public static function of(PointSet $set): self
    {
        return new self($set->value, $set->title(), array_map(static fn (Point $point): string => $point->value, $set->points()));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DrawnLabelData
{
    public function __construct(
        #[OA\Property] public string $group,
        #[OA\Property] public float $x_mm,
        #[OA\Property(description: 'of the base line')] public float $y_mm,
        #[OA\Property] public string $text,
        #[OA\Property] public float $size_mm,
        #[OA\Property(enum: ['start', 'middle', 'end'])] public string $anchor,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Seam\SideSeam;

#[OA\Schema]
final readonly class SideSeamData
{
    public function __construct(
        #[OA\Property(description: 'length of the new line, first level to last')] public int $front_nm,
        #[OA\Property] public int $back_nm,
        #[OA\Property(description: 'of the upper size\'s own line')] public int $printed_nm,
        #[OA\Property(description: 'added sideways for each step down')] public float $steepest,
        #[OA\Property] public bool $matches,
    ) {
    }

    public static function of(SideSeam $seam): self
    {
        return new self(
            $seam->front->nanometres,
            $seam->back->nanometres,
            $seam->printed->nanometres,
            round($seam->steepest, 4),
            $seam->matches(),
        );
    }
}

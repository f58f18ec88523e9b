<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Seam\SideSeam;

final readonly class SideSeamData
{
    /**
     * @param  int  $front_nm  length of the new line, first level to last
     * @param  int  $printed_nm  of the upper size's own line
     */
    public function __construct(
        public int $front_nm,
        public int $back_nm,
        public int $printed_nm,
        #[OA\Property(description: 'added sideways for each step down')] public float $steepest,
        public bool $matches,
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

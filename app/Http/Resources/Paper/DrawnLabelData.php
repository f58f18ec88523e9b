<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Paper\Anchor;

final readonly class DrawnLabelData
{
    /** @param  value-of<Anchor>  $anchor */
    public function __construct(
        public string $group,
        #[OA\Property] public float $x_mm,
        #[OA\Property(description: 'of the base line')] public float $y_mm,
        public string $text,
        #[OA\Property] public float $size_mm,
        public string $anchor,
    ) {
    }
}

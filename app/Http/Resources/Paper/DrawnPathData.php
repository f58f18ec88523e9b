<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DrawnPathData
{
    public function __construct(
        #[OA\Property(description: 'such as front-cut or front-line-3')] public string $group,
        #[OA\Property(enum: ['cut', 'stitch', 'printed', 'grain', 'level', 'station', 'test'])] public string $pen,
        #[OA\Property(description: 'as an SVG path, in millimetres')] public string $d,
    ) {
    }
}

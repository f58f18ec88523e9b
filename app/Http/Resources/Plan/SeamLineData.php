<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SeamLineData
{
    /** @param  list<CurvePartData>  $parts */
    public function __construct(
        #[OA\Property] public string $size,
        #[OA\Property(items: new OA\Items(ref: CurvePartData::class))] public array $parts,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

final readonly class SeamLineData
{
    /** @param  list<CurvePartData>  $parts */
    public function __construct(
        public string $size,
        public array $parts,
    ) {
    }
}

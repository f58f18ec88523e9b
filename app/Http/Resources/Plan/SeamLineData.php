<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SeamLineData
{
    /** @param  list<int>  $out_nm */
    public function __construct(
        #[OA\Property] public string $size,
        #[OA\Property(description: 'distance from the centre at each depth', items: new OA\Items(type: 'integer'))] public array $out_nm,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'one size on a tape')]
final readonly class NotchData
{
    public function __construct(
        #[OA\Property] public string $size,
        #[OA\Property] public ?int $chart_nm,
        #[OA\Property] public ?int $finished_nm,
    ) {
    }
}

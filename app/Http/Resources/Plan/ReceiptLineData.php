<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReceiptLineData
{
    public function __construct(#[OA\Property] public string $what, #[OA\Property] public float $cost)
    {
    }
}

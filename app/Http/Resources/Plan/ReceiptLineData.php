<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

final readonly class ReceiptLineData
{
    public function __construct(public string $what, #[OA\Property] public float $cost)
    {
    }
}

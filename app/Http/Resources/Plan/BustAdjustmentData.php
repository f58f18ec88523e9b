<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Altering\BustAdjustment;

#[OA\Schema]
final readonly class BustAdjustmentData
{
    public function __construct(
        #[OA\Property(enum: ['full', 'small', 'none'])] public string $kind,
        #[OA\Property] public int $total_nm,
        #[OA\Property] public int $per_edge_nm,
        #[OA\Property] public int $per_front_half_nm,
        #[OA\Property(enum: ['pivot', 'slash'], nullable: true)] public ?string $method,
    ) {
    }

    public static function of(BustAdjustment $bust): self
    {
        return new self(
            $bust->kind->value,
            $bust->total->nanometres,
            $bust->perEdge()->nanometres,
            $bust->perFrontHalf()->nanometres,
            $bust->method?->value,
        );
    }
}

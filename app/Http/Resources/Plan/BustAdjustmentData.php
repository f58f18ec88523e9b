<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\BustAdjustment;

final readonly class BustAdjustmentData
{
    /**
     * @param  value-of<AdjustmentKind>  $kind
     * @param  ?value-of<AdjustmentMethod>  $method
     */
    public function __construct(
        public string $kind,
        public int $total_nm,
        public int $per_edge_nm,
        public int $per_front_half_nm,
        public ?string $method,
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

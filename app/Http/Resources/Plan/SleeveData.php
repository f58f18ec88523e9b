<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Altering\Sleeve;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'round the upper arm')]
final readonly class SleeveData
{
    public function __construct(
        #[OA\Property] public string $size,
        #[OA\Property] public int $measure_nm,
        #[OA\Property] public ?int $chart_value_nm,
        #[OA\Property] public ?int $finished_nm,
        #[OA\Property] public ?int $ease_nm,
        #[OA\Property(description: 'how much wider it has to be; to spare below 0')] public ?int $need_nm,
        #[OA\Property] public ?int $per_edge_nm,
    ) {
    }

    public static function of(Sleeve $sleeve, Plan $plan): self
    {
        return new self(
            size: $plan->nameOf($sleeve->size),
            measure_nm: $sleeve->measure->nanometres,
            chart_value_nm: $sleeve->chartValue?->nanometres,
            finished_nm: $sleeve->finished?->nanometres,
            ease_nm: $sleeve->ease?->nanometres,
            need_nm: $sleeve->need?->nanometres,
            per_edge_nm: $sleeve->perEdge?->nanometres,
        );
    }
}

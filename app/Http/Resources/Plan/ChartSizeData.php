<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'what the body chart says about the measure')]
final readonly class ChartSizeData
{
    public function __construct(
        #[OA\Property] public string $size,
        #[OA\Property(enum: ['on', 'between', 'below', 'above'])] public string $standing,
        #[OA\Property] public ?string $lower,
        #[OA\Property] public ?string $upper,
    ) {
    }

    public static function of(ChartSize $chart, Plan $plan): self
    {
        return new self(
            $plan->nameOf($chart->size),
            $chart->standing->value,
            $chart->lower === null ? null : $plan->nameOf($chart->lower),
            $chart->upper === null ? null : $plan->nameOf($chart->upper),
        );
    }
}

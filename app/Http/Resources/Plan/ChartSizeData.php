<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Planning\Plan;

/** What the body chart says about the measure. */
final readonly class ChartSizeData
{
    /** @param  value-of<ChartPosition>  $standing */
    public function __construct(
        public string $size,
        public string $standing,
        public ?string $lower,
        public ?string $upper,
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

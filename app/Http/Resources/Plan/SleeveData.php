<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Altering\Sleeve;
use Underbolt\Planning\Plan;

/** Round the upper arm. */
final readonly class SleeveData
{
    /** @param  ?int  $need_nm  how much wider it has to be; to spare below 0 */
    public function __construct(
        public string $size,
        public int $measure_nm,
        public ?int $chart_value_nm,
        public ?int $finished_nm,
        public ?int $ease_nm,
        public ?int $need_nm,
        public ?int $per_edge_nm,
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

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Altering\WorkOrder;
use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\WorkPlan;

final readonly class WorkData
{
    /**
     * @param  value-of<WorkOrder>  $order
     * @param  list<WorkStepData>  $steps  one tracing each
     */
    public function __construct(
        public string $order,
        public string $why,
        public array $steps,
    ) {
    }

    public static function of(WorkPlan $work, Plan $plan): self
    {
        return new self($work->order->value, $work->why, array_map(static fn (Step $step): WorkStepData => WorkStepData::of($step, $plan), $work->steps));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\WorkStepData;
use Underbolt\CutSheet\StepKey;
use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\Step;

final readonly class CutSheetStepData
{
    /** @param  string  $key  what it is ticked by */
    public function __construct(
        public string $key,
        public WorkStepData $step,
    ) {
    }

    public static function of(Step $step, Plan $plan): self
    {
        return new self(StepKey::of($step), WorkStepData::of($step, $plan));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Altering\WorkStep;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** One step of the work, with a box to tick. */
final readonly class CutSheetStep
{
    /** @param  string  $key  the same as long as the step is: a tick is for what was done, not for what is to be done now */
    private function __construct(public string $key, public WorkStep $step)
    {
    }

    public static function of(WorkStep $step, Plan $plan): self
    {
        $line = array_map(
            static fn (LevelPlan $level): array => [
                $level->front, $level->back, $level->change->front->nanometres, $level->change->back->nanometres,
            ],
            array_filter($plan->levels),
        );
        $ofLine = $step->amount === null ? [$line, $plan->paper()] : [];

        return new self(
            "{$step->kind}-".hash('crc32b', json_encode([$step->amount?->nanometres, $step->edges, $step->pieces, $ofLine, ...($step->mark === '' ? [] : [$step->mark])], JSON_THROW_ON_ERROR)),
            $step,
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Measure\LengthPrint;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** A level as it is cut now: what a verdict is kept with. */
final readonly class WornLevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  ?string  $ease  as cut; null where it isn't known
     */
    private function __construct(
        public string $level,
        public string $size,
        public ?string $ease,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan): array
    {
        return array_values(array_map(static fn (LevelPlan $level): self => new self(
            $level->facts->level->value,
            $plan->nameOf($level->size),
            $level->easeAsCut === null ? null : LengthPrint::sentence($level->easeAsCut, $plan->make->unit),
        ), array_filter($plan->levels)));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Altering\WorkStep;
use Underbolt\Planning\Advice\Headline;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;

/** What lies beside the cutting table: a plan in the order in which it is worked, nothing computed anew. */
final readonly class CutSheet
{
    /**
     * @param  list<SheetLevel>  $levels  which lines to follow, from the top down
     * @param  list<SheetStep>  $steps
     * @param  list<SheetStation>  $stations  of the front
     * @param  ?list<SheetStation>  $backStations  where the back is cut unlike the front
     * @param  string  $toile  what to try before the cloth is cut
     */
    private function __construct(
        public Plan $plan,
        public string $headline,
        public array $levels,
        public array $steps,
        public array $stations,
        public ?array $backStations,
        public string $toile,
    ) {
    }

    public static function of(Plan $plan, StationTable $stations): self
    {
        return new self(
            plan: $plan,
            headline: Headline::of($plan),
            levels: array_values(array_map(static fn (LevelPlan $level): SheetLevel => SheetLevel::of($level, $plan), array_filter($plan->levels))),
            steps: array_map(static fn (WorkStep $step): SheetStep => SheetStep::of($step, $plan), $plan->work()->steps),
            stations: SheetStation::all($stations->front),
            backStations: $stations->back === null ? null : SheetStation::all($stations->back),
            toile: ToileAdvice::of($plan),
        );
    }
}

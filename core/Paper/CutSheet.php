<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Advice\Headline;
use Underbolt\Altering\WorkStep;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;
use Underbolt\Work\WorkPlan;

/** What lies beside the cutting table: a plan in the order in which it is worked, nothing computed anew. */
final readonly class CutSheet
{
    /**
     * @param  list<CutSheetLevel>  $levels  which lines to follow, from the top down
     * @param  list<CutSheetStep>  $steps
     * @param  list<CutSheetStation>  $stations  of the front
     * @param  ?list<CutSheetStation>  $backStations  where the back is cut unlike the front
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
            levels: array_values(array_map(static fn (LevelPlan $level): CutSheetLevel => CutSheetLevel::of($level, $plan), array_filter($plan->levels))),
            steps: array_map(static fn (WorkStep $step): CutSheetStep => CutSheetStep::of($step, $plan), WorkPlan::of($plan)->steps),
            stations: CutSheetStation::all($stations->front),
            backStations: $stations->back === null ? null : CutSheetStation::all($stations->back),
            toile: ToileAdvice::of($plan),
        );
    }
}

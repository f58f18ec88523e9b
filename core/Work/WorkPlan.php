<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\WorkOrder;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Steps\AdjustStep;
use Underbolt\Work\Steps\ArmholeStep;
use Underbolt\Work\Steps\BackLengthStep;
use Underbolt\Work\Steps\BandStep;
use Underbolt\Work\Steps\CentreBackSteps;
use Underbolt\Work\Steps\DrawStep;
use Underbolt\Work\Steps\FindingSteps;
use Underbolt\Work\Steps\Given;
use Underbolt\Work\Steps\JoinSteps;
use Underbolt\Work\Steps\LengthSteps;
use Underbolt\Work\Steps\PinSteps;
use Underbolt\Work\Steps\Saying;
use Underbolt\Work\Steps\SewSteps;
use Underbolt\Work\Steps\SleeveSteps;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\TraceStep;
use Underbolt\Work\Steps\WalkStep;
use Underbolt\Work\Told\SleeveEdge;
use Underbolt\Work\Told\ToldLine;

/** What is done to the paper, one step after the other: whoever takes each literally ends at the stations, and moves nothing twice. */
final readonly class WorkPlan
{
    /**
     * @param  list<Step>  $steps  in order, one tracing each
     * @param  list<SleeveEdge>  $sleeve  its front and its back edge; none where both stay
     */
    private function __construct(
        public WorkOrder $order,
        public string $why,
        public array $steps,
        public MakePieces $pieces,
        public ToldLine $line,
        public array $sleeve,
        private Plan $plan,
    ) {
    }

    /** @param  ?StationTable  $stations  read off the pattern's own lines; null for the plan's own */
    public static function of(Plan $plan, ?StationTable $stations = null): self
    {
        $pieces = MakePieces::of($plan);
        $line = ToldLine::of($plan, $stations ?? $plan->stationTable());

        $given = new Given($plan, $pieces, $line, Saying::printed($plan));

        return new self(
            order: $plan->lengths->order,
            why: self::why($plan),
            steps: self::steps($given),
            pieces: $pieces,
            line: $line,
            sleeve: SleeveSteps::edges($given),
            plan: $plan,
        );
    }

    /** @return list<string> the steps in words for an ear, one after the other */
    public function spoken(): array
    {
        return array_map(static fn (Step $step): string => $step->text(), self::steps(new Given($this->plan, $this->pieces, $this->line, Saying::spoken($this->plan))));
    }

    /** @return list<Step> */
    private static function steps(Given $given): array
    {
        $lengths = [...LengthSteps::ofLevels($given), ...BackLengthStep::of($given), ...LengthSteps::ofEnds($given)];
        [$underarm, $findings] = FindingSteps::of($given);
        $drawn = [...AdjustStep::pivoting($given), ...$underarm, ...DrawStep::of($given)];
        $isLengthFirst = $given->plan->lengths->order === WorkOrder::LengthFirst;
        $joined = JoinSteps::of($given);
        $body = [
            ...($isLengthFirst ? $lengths : []),
            ...$drawn,
            ...($isLengthFirst ? [] : $lengths),
            ...AdjustStep::slashing($given),
            ...ArmholeStep::of($given),
            ...CentreBackSteps::of($given),
        ];
        $sleeve = SleeveSteps::of($given);
        $sewn = SewSteps::of($given);
        $work = $given->plan->make->choices->sleeveFirst ? [...$sleeve, ...$body, ...$sewn] : [...$body, ...$sewn, ...$sleeve];
        $work = [...$work, ...$joined, ...BandStep::of($given, $joined), ...$findings];
        $pinned = [...PinSteps::of($given, $work), ...$work];

        return [...TraceStep::of($given), ...$pinned, ...WalkStep::of($given, $pinned)];
    }

    private static function why(Plan $plan): string
    {
        $above = $plan->lengths->aboveWaist;

        return match (true) {
            $plan->make->choices->order !== null => 'You chose it.',
            $above !== null && LengthChanges::movesWaist($above) => 'The waist moves by '
                ."{$plan->make->say($above->abs())}: put it in place before the blend is drawn to it.",
            default => 'The waist stays where it is, or nearly: blend, then length.',
        };
    }
}

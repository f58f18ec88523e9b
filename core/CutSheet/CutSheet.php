<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Altering\TryFirst;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;
use Underbolt\Work\PieceCut;
use Underbolt\Work\Steps\Missing;
use Underbolt\Work\ToBuy;
use Underbolt\Work\WorkPlan;

/** One make, one story: what lies beside the cutting table. Every place tells the make from this, and computes nothing anew. */
final readonly class CutSheet
{
    /**
     * @param  list<CutSheetLevel>  $levels  which lines to follow, from the top down
     * @param  list<PieceCut>  $pieces  none where the pattern lists none
     * @param  list<CheckLength>  $checks  lengths of the finished paper to hold the tape against
     * @param  list<Missing>  $missing  figures that would tell more
     * @param  list<Caution>  $cautions
     * @param  string  $toile  what to try before the cloth is cut
     */
    private function __construct(
        public Plan $plan,
        public WorkPlan $work,
        public string $headline,
        public array $levels,
        public array $pieces,
        public array $checks,
        public array $missing,
        public array $cautions,
        public string $toile,
        public ToBuy $buy,
    ) {
    }

    /** @param  ?StationTable  $stations  read off the pattern's own lines; null for the plan's own */
    public static function of(Plan $plan, ?StationTable $stations = null): self
    {
        $work = WorkPlan::of($plan, $stations);
        $cautions = Cautions::shown($plan, $stations);

        return new self(
            plan: $plan,
            work: $work,
            headline: Headline::of($plan),
            levels: CutSheetLevel::all($plan, $work),
            pieces: self::inOrder(PieceCut::all($plan, $work), ToileAdvice::chosen($plan)),
            checks: CheckLength::all($plan, $stations),
            missing: Missing::of($plan),
            cautions: $cautions,
            toile: ToileAdvice::of($plan, $cautions),
            buy: ToBuy::of($plan),
        );
    }

    /**
     * As the pattern lists them; what is cut and tried on first stands first.
     *
     * @param  list<PieceCut>  $pieces
     * @return list<PieceCut>
     */
    private static function inOrder(array $pieces, ?TryFirst $first): array
    {
        if ($first !== TryFirst::Lining) {
            return $pieces;
        }
        $isLining = static fn (PieceCut $one): bool => $one->piece->layer === Layer::Lining;

        return [...array_filter($pieces, $isLining), ...array_filter($pieces, static fn (PieceCut $one): bool => ! $isLining($one))];
    }
}

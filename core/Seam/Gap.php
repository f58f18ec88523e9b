<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Sizing\LevelFacts;

/** How far apart two printed lines stand at one level. */
final class Gap
{
    /**
     * Nanometres for each of the edges between which the sizes differ on paper, positive where the line `to` lies further
     * out; null where no
     * figures are printed. Kept as an exact fraction: only the offset made from it is rounded.
     *
     * Finished figures are taken, or the body chart's where one of the two is missing: a finished
     * figure less a body figure would count ease as a gap.
     *
     * @param  int  $from  size above, as a place in the pattern's list
     * @param  int  $to  size below
     */
    public static function between(LevelFacts $facts, int $from, int $to): ?BigRational
    {
        $whole = self::round($facts, $from, $to);

        return $whole === null ? null : BigRational::nd($whole, $facts->nestEdges)->simplified();
    }

    /** The same as a plain number, for telling and drawing. */
    public static function nanometres(LevelFacts $facts, int $from, int $to): ?float
    {
        $whole = self::round($facts, $from, $to);

        return $whole === null ? null : $whole / $facts->nestEdges;
    }

    /** All round, in nanometres. */
    private static function round(LevelFacts $facts, int $from, int $to): ?int
    {
        if ($from === $to) {
            return 0;
        }
        $inner = $facts->finishedAt($from);
        $outer = $facts->finishedAt($to);
        if ($inner === null || $outer === null) {
            $inner = $facts->chart->at($from);
            $outer = $facts->chart->at($to);
        }

        return $inner === null || $outer === null ? null : $outer->nanometres - $inner->nanometres;
    }
}

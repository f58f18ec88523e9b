<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\LevelFacts;

/** The side seams of all sizes in play, as far as the charts tell them. */
final class PrintedLines
{
    /**
     * One size gives the curve: through its finished figures, if there are two; else through the body
     * chart, since one line through both would show ease as a curve. The others stand beside it by the
     * gaps that the blend counts with, so that the new line ends on the very line that it is blended to.
     *
     * @param  array<string, LevelFacts>  $facts  by level
     * @param  array<string, Length>  $depths  by level, from the top down
     * @param  list<int>  $sizes  those whose lines are wanted, the one that is cut at the top first
     * @return array<int, PrintedLine> by size; without the sizes that have a gap in a row
     */
    public static function of(array $facts, array $depths, array $sizes): array
    {
        $facts = array_intersect_key($facts, $depths);
        foreach ($sizes as $reference) {
            $knots = self::curve($facts, $depths, $reference);
            if ($knots !== []) {
                return self::beside($facts, $depths, $sizes, $reference, $knots);
            }
        }

        return [];
    }

    /**
     * @param  array<string, LevelFacts>  $facts
     * @param  array<string, Length>  $depths
     * @return array<int, float> distance from the centre by depth; empty where the size has no line of its own
     */
    private static function curve(array $facts, array $depths, int $size): array
    {
        $finished = [];
        $charted = [];
        foreach ($facts as $name => $here) {
            $chart = $here->chart->at($size);
            $garment = $here->finishedAt($size);
            $at = $depths[$name]->nanometres;
            if ($garment !== null) {
                $finished[$at] = $garment->nanometres / $here->nestEdges;
            }
            if ($chart !== null) {
                $charted[$at] = $chart->nanometres / $here->nestEdges;
            }
        }

        if (count($finished) >= 2) {
            return $finished;
        }
        $waist = $facts[Level::Waist->value] ?? null;
        // What hangs free of the waist has not the body's.
        if ($waist?->isFree() === true && count($charted) > 2) {
            unset($charted[$depths[Level::Waist->value]->nanometres]);

            return $charted;
        }

        return count($charted) === count($facts) ? $charted : [];
    }

    /**
     * @param  array<string, LevelFacts>  $facts
     * @param  array<string, Length>  $depths
     * @param  list<int>  $sizes
     * @param  non-empty-array<int, float>  $knots
     * @return array<int, PrintedLine>
     */
    private static function beside(array $facts, array $depths, array $sizes, int $reference, array $knots): array
    {
        $lines = [];
        foreach ($sizes as $size) {
            $gaps = [];
            foreach ($facts as $name => $here) {
                $gap = Gap::nanometres($here, $reference, $size);
                if ($gap === null) {
                    continue 2;
                }
                $gaps[$depths[$name]->nanometres] = $gap;
            }
            $lines[$size] = PrintedLine::through($knots, $gaps);
        }

        return $lines;
    }
}

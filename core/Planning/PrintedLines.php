<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\SizeChart;
use Underbolt\Seam\PrintedLine;
use Underbolt\Sizing\LevelFacts;

/** The side seams of all sizes in play, as far as the charts tell them. */
final class PrintedLines
{
    /**
     * Through the finished figures of the levels that have one for every size, if there are two such
     * levels; else through the body chart. One line through both would show ease as a curve.
     *
     * @param  array<string, LevelFacts>  $facts  by level
     * @param  array<string, Length>  $depths  by level, from the top down
     * @param  list<int>  $sizes  those whose lines are wanted
     * @return array<int, PrintedLine> by size; without the sizes that have a gap in a row
     */
    public static function of(array $facts, array $depths, array $sizes): array
    {
        $finished = [];
        $charts = [];
        foreach (array_intersect_key($depths, $facts) as $name => $depth) {
            $here = $facts[$name];
            $charts[$depth->nanometres] = [$here->chart, $here];
            if ($here->finished !== null && self::isWhole($here->finished, $sizes)) {
                $finished[$depth->nanometres] = [$here->finished, $here];
            }
        }
        $rows = count($finished) >= 2 ? $finished : $charts;
        $lines = array_map(static fn (int $size): ?PrintedLine => self::line($rows, $size), array_combine($sizes, $sizes));

        return array_filter($lines, static fn (?PrintedLine $line): bool => $line !== null);
    }

    /** @param  list<int>  $sizes */
    private static function isWhole(SizeChart $row, array $sizes): bool
    {
        return array_diff($sizes, array_keys($row->values())) === [];
    }

    /** @param  array<int, array{SizeChart, LevelFacts}>  $rows by depth in nanometres */
    private static function line(array $rows, int $size): ?PrintedLine
    {
        $knots = [];
        foreach ($rows as $depth => [$row, $facts]) {
            $girth = $row->at($size);
            if ($girth === null) {
                return null;
            }
            $knots[$depth] = $girth->dividedBy($facts->edges);
        }

        return $knots === [] ? null : PrintedLine::through($knots);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Level;
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
     * @param  array<string, Length>  $depths  by level, from the top down
     * @return array<int, PrintedLine> by size; without the sizes that have a gap in a row
     */
    public static function of(Plan $plan, array $depths): array
    {
        $finished = [];
        $charts = [];
        foreach ($depths as $name => $depth) {
            $facts = $plan->at(Level::from($name))?->facts;
            if ($facts === null) {
                continue;
            }
            $charts[$depth->nanometres] = [$facts->chart, $facts];
            if ($facts->finished !== null && self::isWhole($facts->finished, $plan->inPlay->sizes)) {
                $finished[$depth->nanometres] = [$facts->finished, $facts];
            }
        }
        $rows = count($finished) >= 2 ? $finished : $charts;
        $lines = array_map(static fn (int $size): ?PrintedLine => self::line($rows, $size), array_combine($plan->inPlay->sizes, $plan->inPlay->sizes));

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

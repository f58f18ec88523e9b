<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Fault;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\RowDoesNotRise;

/** Holds the charts of a pattern against the one rule every row must keep: a larger size has a larger figure. */
final class ChartCheck
{
    /** @return list<Fault> over every draft of the pattern */
    public static function all(Pattern $pattern): array
    {
        $faults = [];
        foreach ($pattern->drafts() as $draft) {
            array_push($faults, ...self::over($pattern, $pattern->sizesOfDraft($draft)));
        }

        return $faults;
    }

    /**
     * @param  list<int>  $sizes  places of sizes drawn together, rising
     * @return list<Fault>
     */
    public static function over(Pattern $pattern, array $sizes): array
    {
        $faults = [];
        foreach (self::charts($pattern) as $path => $chart) {
            foreach (ChartRow::cases() as $row) {
                try {
                    $chart->over($row, $sizes);
                } catch (RowDoesNotRise $fall) {
                    $place = str_ends_with($path, '.') ? "{$path}{$row->value}" : $path;
                    $faults[] = new Fault(
                        "pattern.{$place}[{$fall->index()}]",
                        "size {$pattern->sizes[$fall->index()]} must be larger than the size before it; check the row for a slip",
                    );
                }
            }
        }

        return $faults;
    }

    /** @return array<string, Chart> by path; one that ends in a dot goes on with the row's name */
    private static function charts(Pattern $pattern): array
    {
        $charts = ['body_chart.' => $pattern->bodyChart, 'finished.' => $pattern->finished];
        foreach ($pattern->cups->all() as $cup) {
            $charts["cups.body_chart.{$cup}"] = $pattern->cups->bodyChart($cup);
            $charts["cups.finished.{$cup}"] = $pattern->cups->finishedChart($cup);
        }
        foreach ($pattern->parts->only as $index => $part) {
            $charts["finished_by[{$index}].finished."] = $part->chart;
        }

        return $charts;
    }
}

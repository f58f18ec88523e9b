<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Fault;

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
        foreach (['body_chart' => $pattern->bodyChart, 'finished' => $pattern->finished] as $name => $chart) {
            foreach (Row::cases() as $row) {
                try {
                    $chart->over($row, $sizes);
                } catch (RowDoesNotRise $fall) {
                    $faults[] = new Fault(
                        "pattern.{$name}.{$row->value}[{$fall->index()}]",
                        "size {$pattern->sizes[$fall->index()]} must be larger than the size before it; check the row for a slip",
                    );
                }
            }
        }

        return $faults;
    }
}

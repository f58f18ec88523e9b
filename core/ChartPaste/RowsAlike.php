<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Charts in a form of their own, in which each line is told as a row: it is one only where several lines have as many cells. */
final class RowsAlike
{
    private const FEWEST = 2;

    /**
     * @param  callable(string): ?list<string>  $row  the label and the cells of a line; null where it has not that form
     * @param  ?callable(list<list<string>>): bool  $isChart  whether the rows are such a chart; null where any are
     * @return string the text with tabs between the cells of such lines; else as it is
     */
    public static function asTabs(string $text, callable $row, ?callable $isChart = null): string
    {
        $lines = explode("\n", $text);
        $rows = array_map($row, $lines);
        $counts = array_count_values(array_map(count(...), array_filter($rows, static fn (?array $row): bool => $row !== null)));
        arsort($counts);
        $usual = array_key_first($counts);
        $alike = array_filter($rows, static fn (?array $row): bool => $row !== null && count($row) === $usual);
        if (count($alike) < self::FEWEST || ($isChart !== null && ! $isChart(array_values($alike)))) {
            return $text;
        }
        foreach ($alike as $at => $cells) {
            $lines[$at] = implode("\t", $cells);
        }

        return implode("\n", $lines);
    }
}

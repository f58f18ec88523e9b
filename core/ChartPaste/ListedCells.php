<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Text copied out of a PDF with one cell on each line: the names of rows tell where a row begins. */
final class ListedCells
{
    /** Fewer lines than this are a table of a few cells, or a single row. */
    private const FEWEST = 8;

    /** The text with one row a line, where it is such a list; else as it is. */
    public static function asTable(string $text): string
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
        $isList = count($lines) >= self::FEWEST && preg_match('/[\t;|]|\S {2,}\S/', $text) !== 1
            && array_filter($lines, static fn (string $line): bool => preg_match('/\d\s+\d+[\s.,]+\d/', $line) === 1) === [];
        if (! $isList) {
            return $text;
        }
        $rows = [];
        $named = 0;
        foreach (array_slice($lines, 0, PastedTable::MOST_LINES * 2) as $line) {
            $isRow = SizeWords::isHeading($line) || RowName::of($line)->place !== null;
            $isCell = ! $isRow && preg_match('/\d/', $line) === 1 || SizeWords::couldBeSizes([$line]);
            $named += $isRow ? 1 : 0;
            if ($isRow || ! $isCell || $rows === []) {
                $rows[] = [$line];
            } else {
                $rows[count($rows) - 1][] = $line;
            }
        }

        return $named < 2 ? $text : implode("\n", array_map(static fn (array $cells): string => implode("\t", $cells), $rows));
    }
}

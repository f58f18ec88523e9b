<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/** Text copied out of a PDF with one cell on each line: the names of rows tell where a row begins. */
final class ListedCells
{
    /** Fewer lines than this are a table of a few cells, or a single row. */
    private const FEWEST = 8;

    /** A cell may be a figure with its fraction, in both units; a line of more figures is a row. */
    private const MOST_FIGURES = 3;

    /** The text with one row a line, where it is such a list; else as it is. */
    public static function asTable(string $text): string
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
        $isList = count($lines) >= self::FEWEST && preg_match('/[\t;|]|\S {2,}\S/', $text) !== 1
            && array_filter($lines, self::isRow(...)) === [];
        if (! $isList) {
            return $text;
        }
        $rows = self::sizeBySize($lines);
        if ($rows !== null) {
            return self::written($rows);
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

        return $named < 2 ? $text : self::written($rows);
    }

    /** Whether a line holds a name with its figures, or more figures than a cell does. */
    private static function isRow(string $line): bool
    {
        $figures = preg_match_all('/(?<!\S)\d/', $line);

        return $figures > self::MOST_FIGURES || ($figures > 1 && preg_match('/^\p{L}{3}/u', $line) === 1);
    }

    /**
     * The names of the columns first, each on a line, then one size after the other.
     *
     * @param  list<string>  $lines
     * @return ?list<list<string>> null where it is no such list
     */
    private static function sizeBySize(array $lines): ?array
    {
        // In French the word for size is also the word for waist.
        $isHead = static fn (string $line, int $at): bool => SizeWords::isHeading($line) || (PlainWords::plain($line) === 'taille' && RowName::of($lines[$at + 1] ?? '')->place !== null);
        $first = array_key_first(array_filter($lines, $isHead, ARRAY_FILTER_USE_BOTH));
        $end = (int) $first + 1;
        while (isset($lines[$end]) && (RowName::of($lines[$end])->place !== null || PlainWords::plain($lines[$end]) === 'taille')) {
            $end++;
        }
        $columns = $end - (int) $first;
        $rest = array_slice($lines, $end);
        $cells = array_values(array_filter($rest, static fn (string $line): bool => preg_match('/\d/', $line) === 1 || SizeWords::couldBeSizes([$line])));
        if ($first === null || $columns < 3 || count($cells) < 2 * $columns || count($cells) % $columns !== 0) {
            return null;
        }

        return [
            ...array_map(static fn (string $title): array => [$title], array_slice($lines, 0, $first)),
            array_slice($lines, $first, $columns),
            ...array_chunk($cells, $columns),
        ];
    }

    /** @param  list<list<string>>  $rows */
    private static function written(array $rows): string
    {
        return implode("\n", array_map(static fn (array $cells): string => implode("\t", $cells), $rows));
    }
}

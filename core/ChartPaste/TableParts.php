<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Tables that stand beside each other, that don't begin in the first column, or whose groups have a column of their own. */
final class TableParts
{
    /**
     * @param  list<list<string>>  $records
     * @return list<list<string>> one table under the other, each beginning in the first column
     */
    public static function stacked(array $records): array
    {
        $gap = self::gap($records);
        if ($gap !== null) {
            $left = array_map(static fn (array $cells): array => array_slice($cells, 0, $gap), $records);
            $right = array_map(static fn (array $cells): array => array_slice($cells, $gap + 1), $records);

            return [...self::stacked(self::filled($left)), ...self::stacked(self::filled($right))];
        }
        while ($records !== [] && self::isEmptyColumn($records, 0) && max(array_map(count(...), $records)) > 1) {
            $records = array_map(static fn (array $cells): array => array_slice($cells, 1), $records);
        }

        return self::withGroupsAsHeadings(self::inOneUnit($records));
    }

    /**
     * Each size may have a column in centimetres and one in inches, named in a line below the sizes: the first unit
     * is kept, and said.
     *
     * @param  list<list<string>>  $records
     * @return list<list<string>>
     */
    private static function inOneUnit(array $records): array
    {
        foreach ($records as $at => $cells) {
            $units = array_map(static fn (string $cell): string => strtolower(trim($cell, '()[] .')), array_slice($cells, 1, null, true));
            $named = array_filter($units, static fn (string $unit): bool => $unit !== '');
            $kinds = array_values(array_unique($named));
            if (count($named) < 4 || count($kinds) !== 2 || preg_grep('/^'.PastedUnit::WORD.'$/', $kinds) !== $kinds) {
                continue;
            }
            $kept = [0 => 0] + array_filter($units, static fn (string $unit): bool => $unit === $kinds[0]);
            $left = array_map(static fn (array $one): array => array_values(array_intersect_key($one, $kept)), $records);
            $left[$at] = ["All in {$kinds[0]}"];

            return $left;
        }

        return $records;
    }

    /**
     * A column that is empty all the way down, with a table that has names of rows on either side.
     *
     * @param  list<list<string>>  $records
     */
    private static function gap(array $records): ?int
    {
        $width = max([0, ...array_map(count(...), $records)]);
        for ($column = 2; $column < $width - 2; $column++) {
            if (self::isEmptyColumn($records, $column) && self::namesRows($records, $column + 1) && self::namesRows($records, 0)) {
                return $column;
            }
        }

        return null;
    }

    /** @param  list<list<string>>  $records */
    private static function isEmptyColumn(array $records, int $column): bool
    {
        return array_filter($records, static fn (array $cells): bool => ($cells[$column] ?? '') !== '') === [];
    }

    /** @param  list<list<string>>  $records */
    private static function namesRows(array $records, int $column): bool
    {
        return count(array_filter($records, static fn (array $cells): bool => self::isRowName($cells[$column] ?? ''))) >= 2;
    }

    private static function isRowName(string $cell): bool
    {
        return $cell !== '' && RowName::of($cell)->place !== null;
    }

    /**
     * The first column may hold the group ("Body", "Finished"), once or on every line: it becomes a line of its own.
     *
     * @param  list<list<string>>  $records
     * @return list<list<string>>
     */
    private static function withGroupsAsHeadings(array $records): array
    {
        if (array_filter($records, self::isGroup(...)) === []) {
            return $records;
        }
        $lines = [];
        $group = null;
        foreach ($records as $cells) {
            if (self::isGroup($cells) && $cells[0] !== $group) {
                $group = $cells[0];
                $lines[] = [$group];
            }
            $lines[] = self::isGroup($cells) || ($cells[0] ?? '') === '' ? array_slice($cells, 1) : $cells;
        }

        return $lines;
    }

    /** @param  list<string>  $cells */
    private static function isGroup(array $cells): bool
    {
        return HeadingWords::decides($cells[0] ?? '') && self::isRowName($cells[1] ?? '');
    }

    /**
     * @param  list<list<string>>  $records
     * @return list<list<string>> without those in which nothing stands
     */
    private static function filled(array $records): array
    {
        return array_values(array_filter($records, static fn (array $cells): bool => implode('', $cells) !== ''));
    }
}

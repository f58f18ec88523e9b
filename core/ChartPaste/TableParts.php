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
        $records = self::withoutNumbers(self::withoutEmpty($records));
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
            if (count($named) === 2 && count($kinds) === 2 && self::isTwice($records[$at + 1] ?? [])) {
                // Two heads, each over a half of the columns.
                $units = self::spread($units);
                $kinds = array_values(array_unique($units));
            } elseif (count($named) < 4) {
                continue;
            }
            if (count($kinds) !== 2 || preg_grep('/^'.PastedUnit::WORD.'$|^centimet(?:re|er)s$/', $kinds) !== $kinds) {
                continue;
            }
            $kept = [0 => 0] + array_filter($units, static fn (string $unit): bool => $unit === $kinds[0]);
            $left = array_map(static fn (array $one): array => array_values(array_intersect_key($one, $kept)), $records);
            $left[$at] = ['All in '.(str_starts_with($kinds[0], 'c') ? 'cm' : 'inches')];

            return $left;
        }

        return $records;
    }

    /** @param  list<string>  $cells */
    private static function isNumbered(array $cells): bool
    {
        return preg_match('/^(?:\d{1,2}[.)]?|[(\[]?'.PastedUnit::WORD.'[)\]]?)$/i', $cells[0] ?? '') === 1 && (self::isRowName($cells[1] ?? '') || SizeWords::isHeading($cells[1] ?? ''));
    }

    /**
     * Whether a line of sizes comes again in its second half.
     *
     * @param  list<string>  $cells
     */
    private static function isTwice(array $cells): bool
    {
        $sizes = array_slice($cells, 1);
        $half = intdiv(count($sizes), 2);

        return $half > 0 && count($sizes) === 2 * $half && array_slice($sizes, 0, $half) === array_slice($sizes, $half) && SizeWords::couldBeSizes(array_map(SizeWords::first(...), $sizes));
    }

    /**
     * Each word over all columns up to the next.
     *
     * @param  array<int, string>  $words  by column
     * @return array<int, string>
     */
    private static function spread(array $words): array
    {
        $last = '';
        foreach ($words as $column => $word) {
            $words[$column] = $last = $word === '' ? $last : $word;
        }

        return $words;
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
        $rows = count(array_filter($records, static fn (array $cells): bool => self::isRowName($cells[$column] ?? '')));
        // The other way round sizes stand down, under a head whose next cells name rows.
        $turned = array_filter($records, static fn (array $cells): bool => SizeWords::isHeading($cells[$column] ?? '') && self::isRowName($cells[$column + 1] ?? '') && self::isRowName($cells[$column + 2] ?? ''));

        return $rows >= 2 || $turned !== [];
    }

    /**
     * Without columns in which nothing stands, but the first.
     *
     * @param  list<list<string>>  $records
     * @return list<list<string>>
     */
    private static function withoutEmpty(array $records): array
    {
        $width = max([0, ...array_map(count(...), $records)]);
        $empty = array_filter(range(1, max(1, $width - 1)), static fn (int $column): bool => $column < $width && self::isEmptyColumn($records, $column));

        return $empty === [] ? $records : array_map(static fn (array $cells): array => array_values(array_diff_key($cells, array_flip($empty))), $records);
    }

    /**
     * A first column that numbers the rows, or names their unit, before the column of their names: a unit goes behind the name.
     *
     * @param  list<list<string>>  $records
     * @return list<list<string>>
     */
    private static function withoutNumbers(array $records): array
    {
        $named = array_filter($records, static fn (array $cells): bool => self::isRowName($cells[1] ?? ''));
        if ($named === [] || array_filter($named, static fn (array $cells): bool => ! self::isNumbered($cells)) !== []) {
            return $records;
        }

        return array_map(static function (array $cells): array {
            $first = trim($cells[0] ?? '', '()[]');
            if (! self::isNumbered($cells)) {
                return $first === '' ? array_slice($cells, 1) : $cells;
            }

            return preg_match('/^\d/', $first) === 1 ? array_slice($cells, 1) : [$cells[1]." ({$first})", ...array_slice($cells, 2)];
        }, $records);
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

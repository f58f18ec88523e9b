<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/** A pasted text with its lines of sizes found and all rows lying across, whichever way they stood. */
final readonly class TableShape
{
    /**
     * @param  list<PastedLine>  $lines  words, sizes and rows in their order
     * @param  bool  $uneven  a turned line had fewer or more cells than there are names: nobody can tell which
     */
    private function __construct(public bool $transposed, public array $lines, public bool $uneven = false)
    {
    }

    /** @param  list<PastedLine>  $lines */
    public static function of(array $lines): self
    {
        $lines = CupLines::named(DrawingLetters::without(self::withNamesAbove(self::withUnitRows(self::withoutUnitColumn(self::withSpansAsWords($lines))))));
        $across = [];
        $transposed = false;
        $uneven = false;
        for ($at = 0; $at < count($lines); $at++) {
            $turned = self::turned($lines, $at);
            if ($turned === null) {
                $line = $lines[$at];
                $across[] = self::isSizes($line, $lines, $across) ? new PastedLine($line->label, $line->cells, $line->typed, true) : $line;

                continue;
            }
            [$rows, $last, $isUneven] = $turned;
            // Groups of columns stand above their names.
            $groups = $across === [] ? [] : self::groups($across[count($across) - 1], $lines[$at]->cells);
            if ($groups !== []) {
                array_pop($across);
                $rows = self::grouped($rows, $groups);
            }
            array_push($across, ...$rows);
            $at = $last;
            $transposed = true;
            $uneven = $uneven || $isUneven;
        }

        return new self($transposed, PairedRows::apart(self::sizesFirst($across)), $uneven);
    }

    /**
     * `Misses  6-14` is a title: the sizes themselves follow.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function withSpansAsWords(array $lines): array
    {
        return array_map(static function (PastedLine $line): PastedLine {
            $filled = $line->filled();
            $isTitle = count($filled) === 1 && preg_match('/^\w{1,3}\s*-\s*\w{1,3}$/', $filled[0]) === 1 && RangeWords::in($line->label) !== null;

            return $isTitle ? new PastedLine("{$line->label} {$filled[0]}", [], $line->typed) : $line;
        }, $lines);
    }

    /**
     * Rows that are called only by a unit go on with the name above them: `Bust (in)`, then `cm`.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function withUnitRows(array $lines): array
    {
        $named = [];
        $name = null;
        foreach ($lines as $at => $line) {
            $unit = trim($line->label, "()[]. \t:");
            $isUnit = $line->hasCells() && preg_match('/^(?:in )?'.PastedUnit::WORD.'$/i', $unit) === 1;
            if (! $isUnit) {
                $name = RowName::of($line->label)->place === null ? null : trim((string) preg_replace('/[(\[]?\b(?:in )?'.PastedUnit::WORD.'(?:\b|(?<="))[)\]]?\s*$/i', '', $line->label));
                // A name alone, with a row for each unit below it.
                if ($name !== null && ! $line->hasCells() && isset($lines[$at + 1]) && preg_match('/^[(\[]?(?:in )?'.PastedUnit::WORD.'[)\]]?$/i', trim($lines[$at + 1]->label)) === 1) {
                    continue;
                }
            }
            $named[] = $isUnit && $name !== null ? new PastedLine("{$name} ({$unit})", $line->cells, $line->typed) : $line;
        }

        return $named;
    }

    /**
     * A row's name on a line of its own, with its figures on the next.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function withNamesAbove(array $lines): array
    {
        $joined = [];
        for ($at = 0, $all = count($lines); $at < $all; $at++) {
            $line = $lines[$at];
            $next = $lines[$at + 1] ?? null;
            $isName = ! $line->hasCells() && RowName::of($line->label)->place !== null;
            if ($isName && $next !== null && $next->hasCells() && preg_match('/^[\d.,½¼¾\/\s-]*$/u', $next->label) === 1) {
                $cells = $next->label === '' ? $next->cells : [$next->label, ...$next->cells];
                $joined[] = new PastedLine($line->label, $cells, "{$line->typed} {$next->typed}");
                $at++;
            } else {
                $joined[] = $line;
            }
        }

        return $joined;
    }

    /**
     * A chart whose only line of sizes stands at its foot, read as if it stood at its head.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function sizesFirst(array $lines): array
    {
        $sized = array_keys(array_filter($lines, static fn (PastedLine $line): bool => $line->isSizes));
        $rows = array_keys(array_filter($lines, static fn (PastedLine $line): bool => ! $line->isSizes && $line->hasCells()));
        if (count($sized) !== 1 || $rows === [] || $sized[0] < end($rows)) {
            return $lines;
        }
        $foot = $lines[$sized[0]];
        unset($lines[$sized[0]]);

        return [$foot, ...array_values($lines)];
    }

    /** @return list<PastedLine> those that name sizes */
    public function sizes(): array
    {
        return array_values(array_filter($this->lines, static fn (PastedLine $line): bool => $line->isSizes));
    }

    /** @return list<PastedLine> all others */
    public function rows(): array
    {
        return array_values(array_filter($this->lines, static fn (PastedLine $line): bool => ! $line->isSizes));
    }

    /**
     * @param  list<PastedLine>  $lines  all of the table
     * @param  list<PastedLine>  $above  those that stand above it
     */
    private static function isSizes(PastedLine $line, array $lines, array $above): bool
    {
        if (! $line->hasCells()) {
            return false;
        }
        $named = SizeWords::isHeading($line->label);
        // In French the word for size is also the word for waist.
        $isTaille = PlainWords::plain($line->label) === 'taille';
        $isSecond = $isTaille && array_filter($above, static fn (PastedLine $one): bool => $one->isSizes) !== [];
        $french = $isTaille && ($isSecond ? self::isSizesAgain($line, $lines, $above) : SizeWords::areSizes($line->cells) || self::has($lines, 'tour de taille'));

        $isUnnamed = static fn (PastedLine $one): bool => $one->label === '' && SizeWords::areSizes($one->cells);
        if ($named && array_filter($lines, $isUnnamed) !== []) {
            // "Size | Misses", with the sizes themselves in the line below.
            return array_filter($line->cells, static fn (string $cell): bool => $cell !== '' && SizeWords::couldBeSizes([$cell])) !== [];
        }

        return $named || $french || $isUnnamed($line);
    }

    /**
     * Below a line of sizes "taille" is the waist, but where it begins a block of rows that have all stood before.
     *
     * @param  list<PastedLine>  $lines
     * @param  list<PastedLine>  $above
     */
    private static function isSizesAgain(PastedLine $line, array $lines, array $above): bool
    {
        $isSame = array_filter($above, static fn (PastedLine $one): bool => $one->isSizes && array_diff($line->filled(), $one->filled()) === []) !== [];
        $since = [];
        foreach ($above as $one) {
            $since = $one->isSizes || ! $one->hasCells() ? [] : [...$since, PlainWords::plain($one->label)];
        }
        $next = $lines[(int) array_search($line, $lines, true) + 1] ?? null;
        $isBegin = $since === [] || ($next !== null && in_array(PlainWords::plain($next->label), $since, true));

        return $isSame || ($isBegin && SizeWords::areSizes($line->cells));
    }

    /** @param  list<PastedLine>  $lines */
    private static function has(array $lines, string $name): bool
    {
        return array_filter($lines, static fn (PastedLine $line): bool => str_contains(PlainWords::plain($line->label), $name)) !== [];
    }

    /**
     * A table with the sizes down and the points across that begins at a line, turned; null where none does.
     *
     * @param  list<PastedLine>  $lines
     * @return ?array{list<PastedLine>, int, bool} its lines across, the last of its lines, whether it is uneven
     */
    private static function turned(array $lines, int $at): ?array
    {
        $heading = $lines[$at];
        $names = $heading->cells;
        if (! self::namesPoints($heading)) {
            return null;
        }
        $sized = [];
        $words = [];
        for ($last = $at; $last + 1 < count($lines); $last++) {
            $next = $lines[$last + 1];
            if (self::namesPoints($next) || ($sized !== [] && ! $next->hasCells() && HeadingWords::decides($next->label))) {
                break;
            }
            if (self::namesUnits($next)) {
                $names = array_map(static fn (string $name, int $column): string => "{$name} (".self::unitAt($next, $column).')', $names, array_keys($names));

                continue;
            }
            $size = self::sizeFirst($next, count($names));
            $size === null ? $words[] = $next : $sized[] = $size;
        }
        $sizes = array_map(static fn (PastedLine $line): string => $line->label, $sized);
        if ($sized === [] || ! SizeWords::couldBeSizes(array_map(SizeWords::first(...), $sizes))) {
            return null;
        }
        $rows = [new PastedLine($heading->label, $sizes, $heading->typed, true)];
        foreach ($names as $column => $name) {
            $rows[] = new PastedLine($name, array_map(static fn (PastedLine $line): string => $line->cells[$column] ?? '', $sized), $name);
        }
        $uneven = array_filter($sized, static fn (PastedLine $line): bool => count($line->cells) !== count($names)) !== [];
        // A name that got into the label has pushed the others along.
        $pushed = array_filter(explode(' ', $heading->label), static fn (string $word): bool => RowName::of($word)->place !== null) !== [];

        return [[...$rows, ...$words], $last, $uneven || $pushed];
    }

    /**
     * @param  list<string>  $names  of the columns
     * @return array<int, string> the group of each column, where a line names such groups; else empty
     */
    private static function groups(PastedLine $line, array $names): array
    {
        $columns = count($names);
        // Between spaces nothing tells where a group begins; where the same names come again for each, it does.
        $apart = preg_split('/\s{2,}/', trim($line->typed));
        $parts = $line->hasCells() || $apart === false || count($apart) < 2 || $columns % count($apart) !== 0 ? [] : array_chunk($names, max(1, intdiv($columns, count($apart))));
        if ($parts !== [] && count(array_unique($parts, SORT_REGULAR)) === 1 && array_filter($apart, static fn (string $group): bool => ! HeadingWords::decides($group) && preg_match('/^(?:in )?(?:cm|centimet(?:re|er)s|inch(?:es)?)$/i', $group) !== 1) === []) {
            return array_merge([], ...array_map(static fn (string $group): array => array_fill(0, count($parts[0]), $group), $apart));
        }
        if (array_filter($line->cells, HeadingWords::decides(...)) === []) {
            return [];
        }
        $groups = [];
        $group = '';
        for ($column = 0; $column < $columns; $column++) {
            $here = $line->cells[$column] ?? '';
            $group = $here === '' ? $group : $here;
            $groups[] = $group;
        }

        return $groups;
    }

    /**
     * @param  list<PastedLine>  $rows  the sizes, then a row for each column
     * @param  array<int, string>  $groups
     * @return list<PastedLine>
     */
    private static function grouped(array $rows, array $groups): array
    {
        return array_map(static fn (PastedLine $row, int $index): PastedLine => ($groups[$index - 1] ?? '') === ''
            ? $row
            : new PastedLine("{$row->label} ({$groups[$index - 1]})", $row->cells, $row->typed), $rows, array_keys($rows));
    }

    /** Whether a line gives nothing but the unit of each column. */
    private static function namesUnits(PastedLine $line): bool
    {
        return $line->hasCells() && preg_grep('/^(?:|[(\[]?(?:in )?'.PastedUnit::WORD.'(?:\s*\/\s*'.PastedUnit::WORD.')?[)\]]?)$/i', $line->cells) === $line->cells;
    }

    private static function unitAt(PastedLine $line, int $column): string
    {
        return trim((string) preg_replace('/^in (?=cm)|[()\[\]]/i', '', $line->cells[$column] ?? ''));
    }

    private static function namesPoints(PastedLine $line): bool
    {
        return count(array_filter($line->cells, static fn (string $name): bool => RowName::of($name)->place !== null)) >= 2;
    }

    /** The line with its size as the label; null where it has no cells. */
    private static function sizeFirst(PastedLine $line, int $columns): ?PastedLine
    {
        if ($line->label === '' && count($line->cells) > 1) {
            return new PastedLine($line->cells[0], array_slice($line->cells, 1), $line->typed);
        }

        return $line->hasCells() ? new PastedLine($line->label, array_slice($line->cells, 0, $columns + 1), $line->typed) : null;
    }

    /**
     * Some tables give the unit in a column of its own: it goes into the labels.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function withoutUnitColumn(array $lines): array
    {
        $isUnit = static fn (PastedLine $line): bool => $line->label !== '' && preg_match('/^'.PastedUnit::WORD.'$/i', $line->cells[0] ?? '') === 1;
        if (array_filter($lines, $isUnit) === []) {
            return $lines;
        }

        return array_map(static fn (PastedLine $line): PastedLine => $line->cells === [] ? $line : new PastedLine(
            $isUnit($line) ? "{$line->label} ({$line->cells[0]})" : $line->label,
            array_slice($line->cells, 1),
            $line->typed,
        ), $lines);
    }
}

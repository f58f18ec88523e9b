<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Pattern\Charts\ChartRow;

/** Cups that are named apart from the bust: as rows under a heading `Full bust` or under none, or as columns under sizes that come again for each. */
final class CupLines
{
    private const LETTER = '/^(?:AA|DDD?|[A-K])(?:[\s-]*cup)?$/i';

    /**
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine> with the cup in the name of each row
     */
    public static function named(array $lines): array
    {
        return self::across(self::alone(self::headed($lines)));
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function headed(array $lines): array
    {
        $named = [];
        $heading = null;
        foreach ($lines as $at => $line) {
            if (! $line->hasCells()) {
                $name = RowName::of($line->label);
                $isBust = $name->place?->row === ChartRow::FullBust && $name->cups === [] && self::isCup($lines[$at + 1] ?? null);
                $heading = $isBust ? $line->label : null;
                $named = $isBust ? $named : [...$named, $line];

                continue;
            }
            $isOfIt = $heading !== null && self::isCup($line);
            $heading = $isOfIt ? $heading : null;
            $named[] = $isOfIt ? self::ofCup((string) $heading, $line) : $line;
        }

        return $named;
    }

    /**
     * Rows that say no more than a cup, each wider than the one before at every size: the full bust. A drawing's letters don't rise so.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function alone(array $lines): array
    {
        $named = [];
        for ($at = 0; $at < count($lines); $at += count($run)) {
            $run = self::runFrom($lines, $at);
            array_push($named, ...(self::isRising($run) ? array_map(static fn (PastedLine $row): PastedLine => self::ofCup('Full bust', $row), $run) : $run));
        }

        return $named;
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return non-empty-list<PastedLine> the rows of cups from there on; the line alone where it is none
     */
    private static function runFrom(array $lines, int $at): array
    {
        $run = [$lines[$at]];
        while (self::isCup($lines[$at]) && self::isCup($lines[$at + count($run)] ?? null)) {
            $run[] = $lines[$at + count($run)];
        }

        return $run;
    }

    /** @param  non-empty-list<PastedLine>  $run */
    private static function isRising(array $run): bool
    {
        foreach (array_slice($run, 1) as $at => $row) {
            foreach ($row->cells as $column => $cell) {
                if ((float) $cell <= (float) ($run[$at]->cells[$column] ?? '') && trim($cell) !== '') {
                    return false;
                }
            }
        }

        return count($run) > 1 && count($run[0]->filled()) > 1;
    }

    private static function isCup(?PastedLine $line): bool
    {
        return $line !== null && $line->hasCells() && preg_match(self::LETTER, trim($line->label)) === 1;
    }

    private static function ofCup(string $row, PastedLine $cup): PastedLine
    {
        return new PastedLine("{$row}, cup ".self::letter($cup->label), $cup->cells, $cup->typed);
    }

    private static function letter(string $label): string
    {
        return (string) preg_replace('/[\s-]*cup$/i', '', trim($label));
    }

    /**
     * `8 8 8 10 10 10` over `B C D B C D`: each size once, with a bust row for each cup.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function across(array $lines): array
    {
        foreach ($lines as $at => $line) {
            $cups = $lines[$at + 1] ?? null;
            $sizes = $line->filled();
            $isHead = $cups !== null && count($sizes) > 2 && count($cups->filled()) === count($sizes) && count(array_unique($sizes)) < count($sizes)
                && SizeWords::couldBeSizes(array_map(SizeWords::first(...), $sizes)) && preg_grep(self::LETTER, $cups->filled()) === $cups->filled();
            if ($isHead) {
                $letters = array_map(self::letter(...), $cups->filled());
                $rows = array_map(static fn (PastedLine $row): array => self::byCup($row, $sizes, $letters), array_slice($lines, $at + 2));

                return [...array_slice($lines, 0, $at), new PastedLine($line->label === '' ? 'Size' : $line->label, array_values(array_unique($sizes)), $line->typed), ...array_merge([], ...$rows)];
            }
        }

        return $lines;
    }

    /**
     * @param  array<string, string>  $own  by size
     * @param  list<string>  $sizes
     * @return list<string>
     */
    private static function under(array $own, array $sizes): array
    {
        return array_map(static fn (string $size): string => $own[$size] ?? '', $sizes);
    }

    /**
     * @param  list<string>  $sizes
     * @param  list<string>  $letters
     * @return list<PastedLine>
     */
    private static function byCup(PastedLine $row, array $sizes, array $letters): array
    {
        if (count($row->cells) !== count($sizes)) {
            return [$row];
        }
        $cells = $first = [];
        foreach ($row->cells as $column => $cell) {
            $cells[$letters[$column]][$sizes[$column]] = $cell;
            $first[$sizes[$column]] ??= $cell;
        }
        $all = array_values(array_unique($sizes));
        if (RowName::of($row->label)->place?->row !== ChartRow::FullBust) {
            return [new PastedLine($row->label, self::under($first, $all), $row->typed)];
        }

        return array_map(static fn (string $letter, array $own): PastedLine => new PastedLine("{$row->label}, cup {$letter}", self::under($own, $all), $row->typed), array_map(strval(...), array_keys($cells)), array_values($cells));
    }
}

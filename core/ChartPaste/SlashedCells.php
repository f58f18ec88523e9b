<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Rows whose cells stand between slashes: `Bust: 84 / 88 / 92`. Two figures alone are one measure in both units. */
final class SlashedCells
{
    private const LINE = '/^(?<label>[^\/\t:]*?(?::|(?<=\S)(?=\s{2,})|(?<=\p{L})(?=\s+\d)|(?<=[XSML])(?=\s)))\s*(?<cells>(?:(?! {2})[^\/\t])+(?:\s\/\s(?:(?! {2})[^\/\t])+){2,})$/u';

    private const FEWEST = 2;

    /** The text with tabs between the cells of such lines, where several have as many; else as it is. */
    public static function asTabs(string $text): string
    {
        $lines = explode("\n", $text);
        $rows = array_map(self::row(...), $lines);
        $counts = array_count_values(array_map(count(...), array_filter($rows, static fn (?array $row): bool => $row !== null)));
        arsort($counts);
        $usual = array_key_first($counts);
        if ($usual === null || $counts[$usual] < self::FEWEST) {
            return $text;
        }

        return implode("\n", array_map(static fn (string $line, ?array $row): string => $row !== null && count($row) === $usual ? implode("\t", $row) : $line, $lines, $rows));
    }

    /** @return ?list<string> the label and the cells */
    private static function row(string $line): ?array
    {
        if (preg_match(self::LINE, trim($line), $found) !== 1 || preg_match('/;|,(?!\d)/', $found['cells']) === 1) {
            return null;
        }

        // `60 / 57 / 63 laid flat`: what is said behind the last is said of all.
        $behind = preg_match('/\d(?<words>\s+(?:laid\s+)?flat)$/i', $found['cells'], $said) === 1 ? $said['words'] : '';
        $cells = explode(' / ', $behind === '' ? $found['cells'] : substr($found['cells'], 0, -strlen($behind)));

        return [trim($found['label'], ' :'), ...array_map(static fn (string $cell): string => trim($cell).$behind, $cells)];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Charts as knitters print them, all sizes but the first in brackets: `XS (S, M)`, then `Bust: 81 (86, 92)`. */
final class KnittedSizes
{
    private const LINE = '/^(?<label>(?:\p{L}[\p{L}\s().\/-]*?\s*:?\s+)?)(?<first>[^\s(),:]+(?:\s\d\/\d)?)\s*\((?<rest>[^()]+(?:,[^()]+)+)\)\s*(?<unit>cm|in|ins|inch|inches|")?\.?\s*$/iu';

    /** Fewer lines than this are no chart. */
    private const FEWEST = 2;

    /** The text with tabs between the cells of such lines, where there are several with as many sizes; else as it is. */
    public static function asTabs(string $text): string
    {
        $lines = explode("\n", $text);
        $rows = array_map(self::row(...), $lines);
        $counts = array_count_values(array_map(count(...), array_filter($rows, static fn (?array $row): bool => $row !== null)));
        arsort($counts);
        $usual = array_key_first($counts);
        if ($usual === null || $counts[$usual] < self::FEWEST || ! self::haveSizes($rows, $usual)) {
            return $text;
        }

        return implode("\n", array_map(static fn (string $line, ?array $row): string => $row !== null && count($row) === $usual ? implode("\t", $row) : $line, $lines, $rows));
    }

    /** @return ?list<string> the label and the cells */
    private static function row(string $line): ?array
    {
        if (preg_match(self::LINE, trim($line), $found) !== 1) {
            return null;
        }
        $label = trim($found['label'], " :\t");
        $unit = $found['unit'] ?? '';

        return [$unit === '' ? $label : "{$label} ({$unit})", $found['first'], ...array_map(trim(...), explode(',', $found['rest']))];
    }

    /** @param  array<int, ?list<string>>  $rows */
    private static function haveSizes(array $rows, int $usual): bool
    {
        return array_filter($rows, static fn (?array $row): bool => $row !== null && count($row) === $usual && SizeWords::areSizes(array_slice($row, 1))) !== [];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Charts as knitters print them, all sizes but the first in brackets: `XS (S, M)`, then `Bust: 81 (86, 92)`. */
final class KnittedSizes
{
    private const LINE = '/^(?<label>(?:\p{L}[\p{L}\s().\/-]*?\s*:?\s+)?)(?<first>[^\s(),:]+(?:\s\d\/\d)?)\s*\((?<rest>[^()]+(?:,[^()]+)+)\)\s*(?<unit>cm|in|ins|inch|inches|")?\.?\s*$/iu';

    /** The text with tabs between the cells of such lines, where there are several with as many sizes; else as it is. */
    public static function asTabs(string $text): string
    {
        return RowsAlike::asTabs($text, self::row(...), self::haveSizes(...));
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

    /** @param  list<list<string>>  $rows */
    private static function haveSizes(array $rows): bool
    {
        return array_filter($rows, static fn (array $row): bool => SizeWords::areSizes(array_slice($row, 1))) !== [];
    }
}

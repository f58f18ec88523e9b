<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Charts in words, one line a size: `S: bust 84, waist 66, hip 90`. */
final class WordedSizes
{
    private const LINE = '/^\s*(?<size>[^:,\t]{1,24}?)\s*(?::|\s-|=)\s*(?<rest>\p{L}.*)$/u';

    private const PART = '/^(?<name>\p{L}[\p{L}\s\/]*?)\s*:?\s*(?<figure>\d.*)$/u';

    /** Fewer than this are no chart. */
    private const FEWEST = 2;

    /** The text with a table in the place of such lines, where there are some; else as it is. */
    public static function asTable(string $text): string
    {
        $others = $rows = [];
        $names = null;
        foreach (explode("\n", $text) as $line) {
            $row = self::row($line);
            $names ??= $row === null ? null : array_keys($row[1]);
            if ($row !== null && array_keys($row[1]) === $names) {
                $rows[] = [$row[0], ...array_values($row[1])];
            } else {
                $others[] = $line;
            }
        }
        if ($names === null || count($rows) < self::FEWEST) {
            return $text;
        }

        return implode("\n", [...$others, implode("\t", ['Size', ...$names]), ...array_map(static fn (array $cells): string => implode("\t", $cells), $rows)]);
    }

    /** @return ?array{string, array<string, string>} a size with its figures by name; null where the line is none such */
    private static function row(string $line): ?array
    {
        if (preg_match(self::LINE, $line, $found) !== 1 || ! SizeWords::couldBeSizes([SizeWords::first($found['size'])])) {
            return null;
        }
        $figures = [];
        $parts = preg_split('/\s*[,;]\s+/', trim($found['rest'], " .;\t"));
        foreach ($parts === false ? [] : $parts as $part) {
            if (preg_match(self::PART, $part, $one) !== 1 || RowName::of($one['name'])->place === null) {
                return null;
            }
            $figures[trim($one['name'])] = $one['figure'];
        }

        return count($figures) < self::FEWEST ? null : [$found['size'], $figures];
    }
}

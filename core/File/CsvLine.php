<?php

declare(strict_types=1);

namespace Underbolt\File;

/** One line of a CSV file. */
final class CsvLine
{
    /** @param  list<string>  $cells */
    public static function of(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    /** A text that a spreadsheet would take for a formula is kept a text by an apostrophe. */
    private static function cell(string $cell): string
    {
        $safe = preg_match('/^[=+@]|^-(?!\d)/', $cell) === 1 ? "'{$cell}" : $cell;

        return preg_match('/[",;\s]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}

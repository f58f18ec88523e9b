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

    /** What a spreadsheet would work out, or take for a cell of its own; a plain number it may. */
    private const DANGEROUS = '/^\'*(?![+-]?\d+(?:[.,]\d+)?$)[=+\-@\t\r]/';

    /** The text that stands in a cell, without the apostrophe that kept it one. */
    public static function text(string $cell): string
    {
        return str_starts_with($cell, "'") && preg_match(self::DANGEROUS, $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /** A text that a spreadsheet would take for a formula is kept a text by an apostrophe. */
    private static function cell(string $cell): string
    {
        $safe = preg_match(self::DANGEROUS, $cell) === 1 ? "'{$cell}" : $cell;

        return preg_match('/[",;\s]/', $safe) === 1 ? '"'.str_replace('"', '""', $safe).'"' : $safe;
    }
}

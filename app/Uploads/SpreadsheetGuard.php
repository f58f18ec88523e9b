<?php

declare(strict_types=1);

namespace App\Uploads;

use DOMDocument;
use DOMElement;
use DOMXPath;
use ZipArchive;

/**
 * Looks at a spreadsheet file before anything is built from it: how much it unpacks to, how many cells it would become.
 * What a small file says a million times over is counted here, and refused.
 */
final class SpreadsheetGuard
{
    /** No chart unpacks to more. */
    private const LARGEST_UNPACKED = 2_000_000;

    private const MOST_SHEETS = 40;

    /** Cells of all sheets together: what a workbook of charts has, many times over. */
    private const MOST_CELLS = 24_000;

    /** So much of each sheet is read. */
    public const MOST_ROWS = 200;

    public const MOST_COLUMNS = 60;

    /** More than any cell of a chart holds, in bytes. */
    public const LONGEST_CELL = 300;

    /** What else a sheet says of itself, piece by piece: each costs as much as a cell does, or more. */
    private const OFFICE_ELSE = '/<(?:\w+:)?(?:hyperlink|col|dataValidation|conditionalFormatting|cfRule|brk|protectedRange|ignoredError)[\s>]/';

    private const MOST_ELSE = 1_000;

    private const OFFICE_CELL = '/<(?:\w+:)?c[\s>]/';

    /** A range of cells, such as those that are merged. */
    private const RANGE = '/\b(?:ref|sqref)="\$?([A-Z]{1,3})\$?(\d{1,7}):\$?([A-Z]{1,3})\$?(\d{1,7})"/';

    /**
     * @param  string  $path  of an xlsx or ods file; an ods file is written anew with its repetitions cut down
     *
     * @throws UnreadableUpload
     */
    public static function check(string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path) !== true) {
            throw self::unreadable();
        }
        try {
            $parts = self::unpacked($zip);
            isset($parts['content.xml']) ? self::tamed($zip, $parts['content.xml']) : self::checkOffice($parts);
        } finally {
            // Nothing is written to a file that was refused.
            @$zip->close();
        }
    }

    /**
     * @return array<string, string> the parts by name
     *
     * @throws UnreadableUpload when they are more than a chart has, whatever the file says of their size
     */
    private static function unpacked(ZipArchive $zip): array
    {
        $parts = [];
        $size = 0;
        if ($zip->numFiles > 10 * self::MOST_SHEETS) {
            throw self::tooLarge();
        }
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $stream = $zip->getStreamIndex($index);
            // A damaged part ends early, with a complaint that helps nobody.
            $part = $stream === false ? '' : (string) @stream_get_contents($stream, self::LARGEST_UNPACKED - $size + 1);
            $size += strlen($part);
            if ($size > self::LARGEST_UNPACKED) {
                throw self::tooLarge();
            }
            if (strlen($part) !== ($zip->statIndex($index)['size'] ?? null)) {
                throw self::unreadable();
            }
            $parts[(string) $zip->getNameIndex($index)] = $part;
        }

        return $parts;
    }

    /** @param  array<string, string>  $parts */
    private static function checkOffice(array $parts): void
    {
        $sheets = array_filter($parts, static fn (string $name): bool => str_contains($name, 'worksheets/'), ARRAY_FILTER_USE_KEY);
        $cells = $else = 0;
        foreach ($sheets as $sheet) {
            $else += (int) preg_match_all(self::OFFICE_ELSE, $sheet);
            $cells += (int) preg_match_all(self::OFFICE_CELL, $sheet);
            preg_match_all(self::RANGE, $sheet, $ranges, PREG_SET_ORDER);
            foreach ($ranges as [, $left, $top, $right, $bottom]) {
                // The range of all cells that a sheet names for itself costs nothing; merged ones are gone through.
                $cells += str_contains($sheet, '<mergeCell') ? (self::column($right) - self::column($left) + 1) * ((int) $bottom - (int) $top + 1) : 0;
            }
        }
        if ($cells > self::MOST_CELLS || $else > self::MOST_ELSE || count($sheets) > self::MOST_SHEETS) {
            throw self::tooLarge();
        }
    }

    private static function column(string $letters): int
    {
        return array_reduce(str_split($letters), static fn (int $sum, string $letter): int => 26 * $sum + ord($letter) - 64, 0);
    }

    /** Repeated rows and cells are what an ods file is small by: those without words go, the others are cut to what is read. */
    private static function tamed(ZipArchive $zip, string $content): void
    {
        $document = new DOMDocument;
        if (str_contains($content, '<!DOCTYPE') || ! @$document->loadXML($content, LIBXML_NONET | LIBXML_COMPACT)) {
            throw self::unreadable();
        }
        $cells = 0;
        foreach (self::called($document, 'table-row') as $row) {
            $cells += self::repeats($row, 'number-rows-repeated', self::MOST_ROWS) * self::width($row);
            if ($cells > self::MOST_CELLS) {
                throw self::tooLarge();
            }
        }
        if (count(self::called($document, 'table')) > self::MOST_SHEETS) {
            throw self::tooLarge();
        }
        foreach (self::called($document, 'p') as $text) {
            if (strlen($text->textContent) > self::LONGEST_CELL) {
                $text->textContent = mb_strcut($text->textContent, 0, self::LONGEST_CELL);
            }
        }
        $zip->addFromString('content.xml', (string) $document->saveXML());
    }

    /** @return list<DOMElement> */
    private static function called(DOMDocument $document, string $name): array
    {
        $found = (new DOMXPath($document))->query("//*[local-name()='{$name}']");
        $elements = [];
        foreach ($found === false ? [] : $found as $node) {
            if ($node instanceof DOMElement) {
                $elements[] = $node;
            }
        }

        return $elements;
    }

    private static function width(DOMElement $row): int
    {
        $width = 0;
        for ($cell = $row->firstElementChild; $cell !== null; $cell = $cell->nextElementSibling) {
            $width += self::repeats($cell, 'number-columns-repeated', self::MOST_COLUMNS);
        }

        return max(1, $width);
    }

    /** How often it is repeated from now on: one without words once. */
    private static function repeats(DOMElement $element, string $attribute, int $most): int
    {
        $name = "table:{$attribute}";
        $repeats = max(1, (int) $element->getAttribute($name));
        if ($repeats === 1) {
            return 1;
        }
        $isEmpty = trim($element->textContent) === '';
        // Empty cells between two figures keep their places; a row without a word is one empty line.
        $kept = $isEmpty && $attribute === 'number-rows-repeated' ? 1 : min($repeats, $most);
        $element->setAttribute($name, (string) $kept);

        return $kept;
    }

    private static function tooLarge(): UnreadableUpload
    {
        return new UnreadableUpload('This spreadsheet is far larger than any chart. Keep only the sheet with the chart.');
    }

    public static function unreadable(): UnreadableUpload
    {
        return new UnreadableUpload('This file can\'t be read as a spreadsheet. Save it again as xlsx, ods or csv.');
    }
}

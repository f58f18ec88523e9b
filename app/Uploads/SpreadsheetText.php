<?php

declare(strict_types=1);

namespace App\Uploads;

use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Reader\IReader;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Throwable;

/** The filled sheets of a spreadsheet file, each under its name, as the text they would be if they were copied and pasted. */
final class SpreadsheetText
{
    /**
     * @param  string  $ending  of the file's name
     *
     * @throws UnreadableUpload when the file can't be read
     */
    public static function of(string $path, string $ending): string
    {
        return match (strtolower($ending)) {
            'xlsx' => self::fromSpreadsheet(new Xlsx, $path),
            'ods' => self::fromSpreadsheet(new Ods, $path),
            'pdf' => PdfText::of($path),
            default => TextEncoding::toUtf8((string) file_get_contents($path)),
        };
    }

    private static function fromSpreadsheet(IReader $reader, string $path): string
    {
        SpreadsheetGuard::check($path);
        $reader->setReadFilter(new class implements IReadFilter
        {
            public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
            {
                return $row <= SpreadsheetGuard::MOST_ROWS
                    && Coordinate::columnIndexFromString($columnAddress) <= SpreadsheetGuard::MOST_COLUMNS;
            }
        });
        try {
            $sheets = [];
            foreach (self::loaded($reader, $path)->getAllSheets() as $sheet) {
                $sheets[$sheet->getTitle()] = self::sheet($sheet);
            }
            $text = self::together($sheets);
        } catch (Throwable) {
            throw SpreadsheetGuard::unreadable();
        }

        return $text ?? throw new UnreadableUpload('There is nothing in this spreadsheet.');
    }

    /** With the formats of its cells, which tell a date; without them where they can't be read. */
    private static function loaded(IReader $reader, string $path): Spreadsheet
    {
        try {
            return $reader->load($path);
        } catch (Throwable) {
            return $reader->setReadDataOnly(true)->load($path);
        }
    }

    /**
     * Those with figures; where only one has any, its name says nothing.
     *
     * @param  array<string, string>  $sheets  by name
     */
    private static function together(array $sheets): ?string
    {
        $filled = array_filter($sheets, static fn (string $text): bool => trim($text) !== '');
        $withFigures = array_filter($filled, static fn (string $text): bool => preg_match_all('/\d/', $text) > 3);
        $shown = $withFigures === [] ? array_slice($filled, 0, 1) : $withFigures;
        if (count($shown) < 2) {
            return array_values($shown)[0] ?? null;
        }

        return implode("\n", array_map(
            static fn (string $name, string $text): string => "{$name}\n{$text}",
            array_keys($shown),
            array_values($shown),
        ));
    }

    private static function sheet(Worksheet $sheet): string
    {
        $lines = [];
        foreach ($sheet->getRowIterator() as $row) {
            $cells = [];
            foreach ($row->getCellIterator() as $cell) {
                $cells[] = self::cell($cell);
            }
            $lines[] = rtrim(implode("\t", $cells), "\t");
        }

        return implode("\n", $lines);
    }

    /** A formula is not worked out here: what it last gave stands in the file, or nothing is known. */
    private static function cell(Cell $cell): string
    {
        $value = $cell->isFormula() ? $cell->getOldCalculatedValue() ?? '?' : $cell->getValue();
        if (is_numeric($value) && Date::isDateTime($cell)) {
            return self::sizes((float) $value);
        }
        $text = $value instanceof RichText || is_scalar($value) ? mb_strcut((string) $value, 0, SpreadsheetGuard::LONGEST_CELL) : '';

        return preg_replace('/\s+/', ' ', $text) ?? '';
    }

    /** No chart has a date: it was a double size such as 6-8 that the spreadsheet took for one. */
    private static function sizes(float $serial): string
    {
        $day = Date::excelToDateTimeObject($serial);
        $parts = [(int) $day->format('n'), (int) $day->format('j')];
        sort($parts);

        return implode('-', $parts);
    }
}

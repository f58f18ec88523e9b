<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use PhpOffice\PhpSpreadsheet\Reader\IReader;
use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Throwable;
use Underbolt\Sheet\PastedTable;
use ZipArchive;

/** The first filled sheet of a spreadsheet file, as the text it would be if it were copied and pasted. */
final class SpreadsheetText
{
    /** A file that unpacks to more than this is no chart. */
    private const LARGEST_UNPACKED = 20_000_000;

    /** @throws ValidationException when the file can't be read */
    public static function of(UploadedFile $file): string
    {
        $reader = match (strtolower($file->getClientOriginalExtension())) {
            'xlsx' => new Xlsx,
            'ods' => new Ods,
            default => null,
        };

        return $reader === null ? (string) file_get_contents($file->getRealPath()) : self::fromSpreadsheet($reader, $file->getRealPath());
    }

    private static function fromSpreadsheet(IReader $reader, string $path): string
    {
        self::refuseHuge($path);
        $reader->setReadDataOnly(true);
        $reader->setReadFilter(new class implements IReadFilter
        {
            public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
            {
                return $row <= PastedTable::MOST_LINES && strlen($columnAddress) <= 2;
            }
        });
        try {
            $book = $reader->load($path);
            foreach ($book->getAllSheets() as $sheet) {
                $text = self::sheet($sheet);
                if (trim($text) !== '') {
                    return $text;
                }
            }
        } catch (Throwable) {
            throw self::refusal('This file can\'t be read as a spreadsheet. Save it again as xlsx, ods or csv.');
        }
        throw self::refusal('There is nothing in this spreadsheet.');
    }

    private static function sheet(Worksheet $sheet): string
    {
        $lines = [];
        foreach ($sheet->toArray(null, false, false) as $row) {
            $cells = array_slice(is_array($row) ? array_values($row) : [], 0, PastedTable::MOST_CELLS);
            $lines[] = rtrim(implode("\t", array_map(self::cell(...), $cells)), "\t");
        }

        return implode("\n", $lines);
    }

    /** A formula is not worked out here: what it last gave is not in the file for sure. */
    private static function cell(mixed $value): string
    {
        $text = is_scalar($value) ? (string) $value : '';

        return str_starts_with($text, '=') ? '?' : preg_replace('/\s+/', ' ', $text) ?? '';
    }

    private static function refuseHuge(string $path): void
    {
        $zip = new ZipArchive;
        if ($zip->open($path) !== true) {
            throw self::refusal('This file can\'t be read as a spreadsheet. Save it again as xlsx, ods or csv.');
        }
        $size = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $size += $zip->statIndex($index)['size'] ?? 0;
        }
        $zip->close();
        if ($size > self::LARGEST_UNPACKED) {
            throw self::refusal('This spreadsheet is far larger than any chart. Keep only the sheet with the chart.');
        }
    }

    private static function refusal(string $message): ValidationException
    {
        return ValidationException::withMessages(['file' => $message]);
    }
}

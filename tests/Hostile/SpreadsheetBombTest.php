<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\SpreadsheetFile;

/**
 * A small spreadsheet file with one part in the place of its own.
 *
 * @param  array<string, string>  $parts
 */
function spoilt(string $kind, array $parts): string
{
    $path = SpreadsheetFile::of($kind, [['Size', '8', '10'], ['Bust', '84', '88'], ['Waist', '66', '70']]);
    $zip = new ZipArchive;
    $zip->open($path);
    foreach ($parts as $name => $content) {
        $zip->addFromString($name, $content);
    }
    $zip->close();

    return $path;
}

/** An ods file whose one table has these rows, written as they stand. */
function odsOf(string $rows): string
{
    $office = 'urn:oasis:names:tc:opendocument:xmlns:';

    return '<?xml version="1.0"?><office:document-content xmlns:office="'.$office.'office:1.0" xmlns:table="'.$office.'table:1.0" xmlns:text="'.$office
        .'text:1.0"><office:body><office:spreadsheet><table:table table:name="Chart">'.$rows.'</table:table></office:spreadsheet></office:body></office:document-content>';
}

function odsCell(string $text, string $more = ''): string
{
    return "<table:table-cell office:value-type=\"string\"{$more}><text:p>{$text}</text:p></table:table-cell>";
}

/** Where the sheet of such an xlsx file lies. */
function sheetPart(string $path): string
{
    $zip = new ZipArchive;
    $zip->open($path);
    for ($index = 0; $index < $zip->numFiles; $index++) {
        if (str_contains((string) $zip->getNameIndex($index), 'worksheets/')) {
            return (string) $zip->getNameIndex($index);
        }
    }

    return '';
}

function uploaded(string $path): TestResponse
{
    return test()->postJson('/api/charts/file', ['file' => new UploadedFile($path, 'chart.'.pathinfo($path, PATHINFO_EXTENSION), test: true)]);
}

test('a file that becomes far more than it is, is refused before anything is built', function (Closure $path): void {
    $this->actingAs(someone());
    $file = $path();
    memory_reset_peak_usage();
    $before = memory_get_peak_usage();
    uploaded($file)->assertUnprocessable()->assertJsonValidationErrors(['file']);
    expect(memory_get_peak_usage() - $before)->toBeLessThan(40_000_000);
})->with([
    'a row a million times' => fn (): string => spoilt('ods', ['content.xml' => odsOf(str_repeat(
        '<table:table-row table:number-rows-repeated="1000000">'.odsCell('84', ' table:number-columns-repeated="16384"').'</table:table-row>',
        40,
    ))]),
    'many cells, each often' => fn (): string => spoilt('ods', ['content.xml' => odsOf(
        '<table:table-row table:number-rows-repeated="200">'.str_repeat(odsCell('8', ' table:number-columns-repeated="60"'), 200).'</table:table-row>',
    )]),
    'entities within entities' => fn (): string => spoilt('ods', ['content.xml' => '<!DOCTYPE x [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;">]>'
        .odsOf('<table:table-row>'.odsCell('&b;').'</table:table-row>')]),
    'thirty megabytes of nothing' => fn (): string => spoilt('xlsx', ['xl/media/nothing.bin' => str_repeat("\0", 30_000_000)]),
    'a hundred thousand cells' => function (): string {
        $path = SpreadsheetFile::of('xlsx', [['Size']]);
        $row = '<row r="1">'.str_repeat('<c r="A1"><v>1</v></c>', 80_000).'</row>';

        return spoilt('xlsx', [sheetPart($path) => "<worksheet xmlns=\"http://schemas.openxmlformats.org/spreadsheetml/2006/main\"><sheetData>{$row}</sheetData></worksheet>"]);
    },
    'everything merged' => function (): string {
        $path = SpreadsheetFile::of('xlsx', [['Size']]);

        return spoilt('xlsx', [sheetPart($path) => '<worksheet xmlns="http://schemas.openxmlformats.org/spreadsheetml/2006/main"><sheetData><row r="1"><c r="A1"><v>1</v></c></row>'
            .'</sheetData><mergeCells count="1"><mergeCell ref="A1:XFD1048576"/></mergeCells></worksheet>']);
    },
    'a thousand parts' => fn (): string => spoilt('xlsx', array_combine(
        array_map(static fn (int $part): string => "xl/part{$part}.xml", range(1, 1000)),
        array_fill(0, 1000, '<x/>'),
    )),
]);

test('a sheet as an office writes it, with empty cells to its end, is read as ever', function (): void {
    $this->actingAs(someone());
    $rows = '<table:table-row>'.odsCell('Size').odsCell('8').odsCell('10').'<table:table-cell table:number-columns-repeated="16381"/></table:table-row>'
        .'<table:table-row>'.odsCell('Bust').'<table:table-cell table:number-columns-repeated="1"/>'.odsCell('88').'</table:table-row>'
        .'<table:table-row table:number-rows-repeated="1048574"><table:table-cell table:number-columns-repeated="16384"/></table:table-row>';
    $text = uploaded(spoilt('ods', ['content.xml' => odsOf($rows)]))->assertOk()->json('text');
    expect(trim($text))->toBe("Size\t8\t10\nBust\t\t88");
});

test('a text that fills a sheet comes in cut to what a cell holds', function (): void {
    $this->actingAs(someone());
    $row = '<table:table-row table:number-rows-repeated="150">'.odsCell(str_repeat('long ', 20_000), ' table:number-columns-repeated="60"').'</table:table-row>';
    expect(strlen(uploaded(spoilt('ods', ['content.xml' => odsOf($row)]))->assertOk()->json('text')))->toBeLessThan(4_000_000);
});

test('a user who sends file after file has to wait', function (): void {
    $this->actingAs(someone());
    $path = SpreadsheetFile::of('xlsx', [['Size', '8'], ['Bust', '84']]);
    for ($sent = 0; $sent < 30; $sent++) {
        uploaded($path)->assertOk();
    }
    uploaded($path)->assertTooManyRequests();
    $this->actingAs(someone('Olwen'));
    uploaded($path)->assertOk();
});

<?php

declare(strict_types=1);

namespace App\Paper;

use ZipArchive;

/**
 * One sheet of texts as an xlsx file (ECMA-376, the parts that every reader asks for): the first line bold and standing
 * still. Written by hand, as the package that reads spreadsheets can't write them on PHP 8.2 (see the README).
 */
final class XlsxFile
{
    private const MAIN = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';

    private const RELATIONS = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';

    private const PACKAGE = 'http://schemas.openxmlformats.org/package/2006';

    /** @param  list<list<string|int|float|XlsxFormula>>  $lines */
    public static function of(string $name, array $lines): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'xlsx');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        foreach (self::parts($name, $lines) as $part => $xml) {
            $zip->addFromString($part, "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n{$xml}");
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /**
     * @param  list<list<string|int|float|XlsxFormula>>  $lines
     * @return array<string, string>
     */
    private static function parts(string $name, array $lines): array
    {
        $type = 'application/vnd.openxmlformats-officedocument.spreadsheetml';

        return [
            '[Content_Types].xml' => '<Types xmlns="'.self::PACKAGE.'/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
                ."<Override PartName=\"/xl/workbook.xml\" ContentType=\"{$type}.sheet.main+xml\"/><Override PartName=\"/xl/worksheets/sheet1.xml\" ContentType=\"{$type}.worksheet+xml\"/>"
                ."<Override PartName=\"/xl/styles.xml\" ContentType=\"{$type}.styles+xml\"/></Types>",
            '_rels/.rels' => self::relations(['officeDocument' => 'xl/workbook.xml']),
            'xl/_rels/workbook.xml.rels' => self::relations(['worksheet' => 'worksheets/sheet1.xml', 'styles' => 'styles.xml']),
            'xl/workbook.xml' => '<workbook xmlns="'.self::MAIN.'" xmlns:r="'.self::RELATIONS.'"><sheets><sheet name="'.self::escaped($name).'" sheetId="1" r:id="r1"/></sheets></workbook>',
            'xl/styles.xml' => '<styleSheet xmlns="'.self::MAIN.'"><fonts count="2"><font><sz val="11"/><name val="Calibri"/></font><font><b/><sz val="11"/><name val="Calibri"/></font></fonts>'
                // The first two fills are the same in every file: readers count on them.
                .'<fills count="2"><fill><patternFill patternType="none"/></fill><fill><patternFill patternType="gray125"/></fill></fills>'
                .'<borders count="1"><border><left/><right/><top/><bottom/><diagonal/></border></borders>'
                .'<cellStyleXfs count="1"><xf numFmtId="0" fontId="0" fillId="0" borderId="0"/></cellStyleXfs>'
                .'<cellXfs count="2"><xf numFmtId="0" fontId="0" fillId="0" borderId="0" xfId="0"/><xf numFmtId="0" fontId="1" fillId="0" borderId="0" xfId="0" applyFont="1"/></cellXfs>'
                .'<cellStyles count="1"><cellStyle name="Normal" xfId="0" builtinId="0"/></cellStyles></styleSheet>',
            'xl/worksheets/sheet1.xml' => '<worksheet xmlns="'.self::MAIN.'"><sheetViews><sheetView workbookViewId="0"><pane ySplit="1" topLeftCell="A2" state="frozen"/></sheetView></sheetViews>'
                .'<sheetData>'.implode('', array_map(self::line(...), $lines, array_keys($lines))).'</sheetData></worksheet>',
        ];
    }

    /** @param  array<string, string>  $targets  by kind */
    private static function relations(array $targets): string
    {
        $number = 0;
        $relations = '';
        foreach ($targets as $kind => $target) {
            $number++;
            $relations .= "<Relationship Id=\"r{$number}\" Type=\"".self::RELATIONS."/{$kind}\" Target=\"{$target}\"/>";
        }

        return '<Relationships xmlns="'.self::PACKAGE."/relationships\">{$relations}</Relationships>";
    }

    /** @param  list<string|int|float|XlsxFormula>  $cells */
    private static function line(array $cells, int $place): string
    {
        $row = $place + 1;
        $line = array_map(static fn (string|int|float|XlsxFormula $cell, int $column): string => self::cell($cell, self::column($column).$row, $place === 0 ? ' s="1"' : ''), $cells, array_keys($cells));

        return "<row r=\"{$row}\">".implode('', $line).'</row>';
    }

    /** Texts stay texts, whatever they begin with: nothing in them is to be worked out. */
    private static function cell(string|int|float|XlsxFormula $cell, string $at, string $style): string
    {
        return match (true) {
            $cell === '' => '',
            is_string($cell) => "<c r=\"{$at}\" t=\"inlineStr\"{$style}><is><t xml:space=\"preserve\">".self::escaped($cell).'</t></is></c>',
            $cell instanceof XlsxFormula => "<c r=\"{$at}\"{$style}><f>".self::escaped($cell->formula)."</f><v>{$cell->value}</v></c>",
            default => "<c r=\"{$at}\"{$style}><v>{$cell}</v></c>",
        };
    }

    /** The letters of a column, counted from 0. */
    public static function column(int $place): string
    {
        return $place < 26 ? chr(65 + $place) : self::column(intdiv($place, 26) - 1).chr(65 + $place % 26);
    }

    private static function escaped(string $text): string
    {
        // What XML can't hold would make the whole file unreadable.
        $held = (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', mb_scrub($text));

        return htmlspecialchars($held, ENT_XML1 | ENT_QUOTES);
    }
}

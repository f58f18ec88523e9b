<?php

declare(strict_types=1);

namespace Tests\Support;

use ZipArchive;

/** The smallest spreadsheet files that hold a table, zipped by hand: the package we read them with can't write here. */
final class SpreadsheetFile
{
    /**
     * @param  list<list<string>>  $rows
     * @param  array<string, list<list<string>>>  $further  sheets of an ods file, by name
     */
    public static function of(string $kind, array $rows, array $further = []): string
    {
        $path = sys_get_temp_dir().'/chart-'.bin2hex(random_bytes(6)).".{$kind}";
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::CREATE);
        foreach ($kind === 'xlsx' ? self::xlsx($rows) : self::ods(['Chart' => $rows] + $further) as $name => $content) {
            $zip->addFromString($name, $content);
        }
        $zip->close();

        return $path;
    }

    /** @param  callable(string): string  $change  for each part that holds cells */
    public static function withParts(string $path, callable $change): string
    {
        $zip = new ZipArchive;
        $zip->open($path);
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $name = (string) $zip->getNameIndex($index);
            if (preg_match('/content|worksheets/', $name) === 1) {
                $zip->addFromString($name, $change((string) $zip->getFromIndex($index)));
            }
        }
        $zip->close();

        return (string) file_get_contents($path);
    }

    /**
     * @param  list<list<string>>  $rows
     * @return array<string, string>
     */
    private static function xlsx(array $rows): array
    {
        $sheet = '';
        foreach ($rows as $r => $row) {
            $sheet .= '<row r="'.($r + 1).'">';
            foreach ($row as $c => $cell) {
                $at = chr(65 + $c).($r + 1);
                $sheet .= match (true) {
                    str_starts_with($cell, '=') => "<c r=\"{$at}\"><f>".substr($cell, 1).'</f><v>2</v></c>',
                    is_numeric($cell) => "<c r=\"{$at}\"><v>{$cell}</v></c>",
                    default => "<c r=\"{$at}\" t=\"inlineStr\"><is><t>{$cell}</t></is></c>",
                };
            }
            $sheet .= '</row>';
        }
        $main = 'http://schemas.openxmlformats.org/spreadsheetml/2006/main';
        $office = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships';
        $package = 'http://schemas.openxmlformats.org/package/2006';

        return [
            '[Content_Types].xml' => "<Types xmlns=\"{$package}/content-types\"><Default Extension=\"rels\" "
                    .'ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="xml" '
                    .'ContentType="application/xml"/><Override PartName="/xl/workbook.xml" '
                    .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml"/><Override '
                    .'PartName="/xl/worksheets/sheet1.xml" '
                    .'ContentType="application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml"/></Types>',
            '_rels/.rels' => "<Relationships xmlns=\"{$package}/relationships\"><Relationship Id=\"r1\" Type=\"{$office}/officeDocument\" "
                    .'Target="xl/workbook.xml"/></Relationships>',
            'xl/workbook.xml' => "<workbook xmlns=\"{$main}\" xmlns:r=\"{$office}\"><sheets><sheet name=\"Chart\" sheetId=\"1\" "
                    .'r:id="r1"/></sheets></workbook>',
            'xl/_rels/workbook.xml.rels' => "<Relationships xmlns=\"{$package}/relationships\"><Relationship "
                ."Id=\"r1\" Type=\"{$office}/worksheet\" "
                    .'Target="worksheets/sheet1.xml"/></Relationships>',
            'xl/worksheets/sheet1.xml' => "<worksheet xmlns=\"{$main}\"><sheetData>{$sheet}</sheetData></worksheet>",
        ];
    }

    /**
     * @param  array<string, list<list<string>>>  $sheets  by name; a cell such as `date:2026-06-08` is a date
     * @return array<string, string>
     */
    private static function ods(array $sheets): array
    {
        $table = '';
        foreach ($sheets as $name => $rows) {
            $table .= "<table:table table:name=\"{$name}\">".self::odsRows($rows).'</table:table>';
        }
        $office = 'urn:oasis:names:tc:opendocument:xmlns';
        $spaces = "xmlns:office=\"{$office}:office:1.0\" xmlns:table=\"{$office}:table:1.0\" xmlns:text=\"{$office}:text:1.0\" "
            ."xmlns:style=\"{$office}:style:1.0\" xmlns:meta=\"{$office}:meta:1.0\"";
        $type = 'application/vnd.oasis.opendocument.spreadsheet';

        return [
            'mimetype' => $type,
            'META-INF/manifest.xml' => '<manifest:manifest '
                ."xmlns:manifest=\"{$office}:manifest:1.0\"><manifest:file-entry manifest:full-path=\"/\" "
                    ."manifest:media-type=\"{$type}\"/></manifest:manifest>",
            'meta.xml' => "<office:document-meta {$spaces}><office:meta/></office:document-meta>",
            'styles.xml' => "<office:document-styles {$spaces}/>",
            'content.xml' => "<office:document-content {$spaces}><office:body><office:spreadsheet>{$table}"
                .'</office:spreadsheet></office:body></office:document-content>',
        ];
    }

    /** @param  list<list<string>>  $rows */
    private static function odsRows(array $rows): string
    {
        $table = '';
        foreach ($rows as $row) {
            $table .= '<table:table-row>';
            foreach ($row as $cell) {
                $type = match (true) {
                    str_starts_with($cell, '=') => 'table:formula="of:'.$cell.'" office:value-type="float" office:value="2"',
                    is_numeric($cell) => "office:value-type=\"float\" office:value=\"{$cell}\"",
                    str_starts_with($cell, 'date:') => 'office:value-type="date" office:date-value="'.substr($cell, 5).'"',
                    default => 'office:value-type="string"',
                };
                $table .= "<table:table-cell {$type}><text:p>{$cell}</text:p></table:table-cell>";
            }
            $table .= '</table:table-row>';
        }

        return $table;
    }
}

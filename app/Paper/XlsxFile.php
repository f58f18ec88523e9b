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

    /** @param  list<list<string>>  $lines */
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
     * @param  list<list<string>>  $lines
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
            'xl/styles.xml' => '<styleSheet xmlns="'.self::MAIN.'"><fonts count="2"><font/><font><b/></font></fonts><fills count="1"><fill/></fills><borders count="1"><border/></borders>'
                .'<cellStyleXfs count="1"><xf/></cellStyleXfs><cellXfs count="2"><xf/><xf fontId="1" applyFont="1"/></cellXfs></styleSheet>',
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

    /**
     * As texts, whatever they begin with: nothing in them is to be worked out.
     *
     * @param  list<string>  $cells
     */
    private static function line(array $cells, int $place): string
    {
        $style = $place === 0 ? ' s="1"' : '';
        $line = array_map(static fn (string $text): string => "<c t=\"inlineStr\"{$style}><is><t xml:space=\"preserve\">".self::escaped($text).'</t></is></c>', $cells);

        return '<row r="'.($place + 1).'">'.implode('', $line).'</row>';
    }

    private static function escaped(string $text): string
    {
        // What XML can't hold would make the whole file unreadable.
        $held = (string) preg_replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', mb_scrub($text));

        return htmlspecialchars($held, ENT_XML1 | ENT_QUOTES);
    }
}

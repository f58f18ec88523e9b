<?php

declare(strict_types=1);

namespace App\Paper;

use Carbon\CarbonImmutable;
use RuntimeException;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;
use Underbolt\Refusal;
use ZipArchive;

/** Every file of a make in one. */
final class MakeArchive
{
    public static function of(MakePaper $paper, StripLine $line, PageFormat $page, CarbonImmutable $today): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'make');
        try {
            $zip = new ZipArchive;
            if ($zip->open($file, ZipArchive::OVERWRITE) !== true) {
                throw new RuntimeException('No archive can be written.');
            }
            foreach (self::files($paper, $line, $page, $today) as $name => $content) {
                $zip->addFromString($paper->fileName($name), $content);
            }
            $zip->close();

            return (string) file_get_contents($file);
        } finally {
            unlink($file);
        }
    }

    /** @return array<string, string> contents by name; a strip that can't be drawn is told in a file of its own */
    private static function files(MakePaper $paper, StripLine $line, PageFormat $page, CarbonImmutable $today): array
    {
        $files = [
            'sheet.pdf' => SheetPdf::of($paper, $page, $today),
            'stations.csv' => MakeFiles::stations($paper),
            'plan.json' => MakeFiles::plan($paper),
            'make.json' => MakeFiles::make($paper->make),
        ];
        try {
            return $files + ['strip.svg' => MakeFiles::stripSvg($paper, $line), 'strip.pdf' => MakeFiles::stripPdf($paper, $line, $page)];
        } catch (Refusal $refusal) {
            return $files + ['strip-missing.txt' => $refusal->faults()[0]->line()."\n"];
        }
    }
}

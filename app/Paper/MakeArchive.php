<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\SizeLabels;
use App\Records\Archive;
use App\Records\RecordFiles;
use Carbon\CarbonImmutable;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;
use Underbolt\Refusal;

/** Every file of a make in one. */
final class MakeArchive
{
    public static function of(MakePaper $paper, StripLine $line, PageFormat $page, CarbonImmutable $today): string
    {
        $files = [];
        foreach (self::files($paper, $line, $page, $today) as $name => $content) {
            $files[$paper->fileName($name)] = $content;
        }

        return Archive::of($files);
    }

    /** @return array<string, string> contents by name; a strip that can't be drawn is told in a file of its own */
    private static function files(MakePaper $paper, StripLine $line, PageFormat $page, CarbonImmutable $today): array
    {
        $files = [
            'cut-sheet.pdf' => CutSheetPdf::of($paper, $page, $today),
            'stations.csv' => MakeFiles::stations($paper),
            'plan.json' => MakeFiles::plan($paper),
            // The make as typed names every size.
            ...($paper->labels === SizeLabels::Hidden
                ? ['make-left-out.txt' => "The make as a file is left out, as it names sizes. It can be had by itself.\n"]
                : ['make.json' => RecordFiles::make($paper->make)]),
        ];
        try {
            return $files + ['strip.svg' => MakeFiles::stripSvg($paper, $line), 'strip.pdf' => MakeFiles::stripPdf($paper, $line, $page)];
        } catch (Refusal $refusal) {
            return $files + ['strip-missing.txt' => $refusal->faults()[0]->line()."\n"];
        }
    }
}

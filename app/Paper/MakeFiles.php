<?php

declare(strict_types=1);

namespace App\Paper;

use App\Records\RecordFiles;
use Underbolt\File\PlanJson;
use Underbolt\File\StationsCsv;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;
use Underbolt\Paper\SvgText;
use Underbolt\Paper\Tiling;
use Underbolt\Refusal;

/** The files of a make, as they are written. */
final class MakeFiles
{
    /** @throws Refusal when the seam can't be drawn */
    public static function stripSvg(MakePaper $paper, StripLine $line): string
    {
        return SvgText::of(Tiling::of($paper->strip($line), PageFormat::Whole)->drawing);
    }

    /** @throws Refusal when the seam can't be drawn */
    public static function stripPdf(MakePaper $paper, StripLine $line, PageFormat $page): string
    {
        return TiledPdf::of(Tiling::of($paper->strip($line), $page));
    }

    public static function stations(MakePaper $paper): string
    {
        return StationsCsv::write($paper->sheet()->work->line, $paper->plan);
    }

    public static function plan(MakePaper $paper): string
    {
        return RecordFiles::json(PlanJson::of($paper->plan, $paper->ownLines()));
    }
}

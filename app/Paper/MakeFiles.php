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
    /** @throws Refusal when there is nothing to draw from */
    public static function stripSvg(MakePaper $paper, StripLine $line): string
    {
        $strip = $paper->strip($line);

        // A ruler proves its scale by itself, each length of it.
        return SvgText::of($paper->hasShape() ? Tiling::of($strip, PageFormat::Whole)->drawing : $strip);
    }

    /** @throws Refusal likewise */
    public static function stripPdf(MakePaper $paper, StripLine $line, PageFormat $page): string
    {
        return $paper->hasShape() ? TiledPdf::of(Tiling::of($paper->strip($line), $page)) : self::rulerPdf($paper, $line, $page);
    }

    private static function rulerPdf(MakePaper $paper, StripLine $line, PageFormat $page): string
    {
        $whole = $paper->strip($line);
        [$width, $height] = $page->sizeMm($whole->widthMm, $whole->heightMm);
        $pages = $page->canLieDown() ? $paper->rulerOn($line, $height)->pages($width - 2 * PageFormat::MARGIN_MM, $height - 2 * PageFormat::MARGIN_MM - PageFormat::FOOT_MM) : [$whole];

        return TiledPdf::ofPages($pages, $width, $height);
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

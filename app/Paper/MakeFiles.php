<?php

declare(strict_types=1);

namespace App\Paper;

use App\Records\RecordFiles;
use Underbolt\File\PlanJson;
use Underbolt\File\StationsCsv;
use Underbolt\Paper\Drawing;
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
        if ($paper->hasShape()) {
            return TiledPdf::of(Tiling::of($paper->strip($line), $page));
        }
        [$pages, $width, $height] = self::ruler($paper, $line, $page);

        return TiledPdf::ofPages($pages, $width, $height);
    }

    /** @throws Refusal likewise */
    public static function stripPages(MakePaper $paper, StripLine $line, PageFormat $page): int
    {
        return count($paper->hasShape() ? Tiling::of($paper->strip($line), $page)->tiles : self::ruler($paper, $line, $page)[0]);
    }

    /** @return array{non-empty-list<Drawing>, float, float} its pages, and how large they are */
    private static function ruler(MakePaper $paper, StripLine $line, PageFormat $page): array
    {
        $whole = $paper->strip($line);
        [$width, $height] = $page->sizeMm($whole->widthMm, $whole->heightMm);
        $pages = $page->canLieDown() ? $paper->rulerOn($line, $height)->pages($width - 2 * PageFormat::MARGIN_MM, $height - 2 * PageFormat::MARGIN_MM - PageFormat::FOOT_MM) : [$whole];

        return [$pages, $width, $height];
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

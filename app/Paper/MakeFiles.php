<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Make;
use App\Records\MakeExchange;
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
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR;

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
        return StationsCsv::write($paper->plan);
    }

    public static function plan(MakePaper $paper): string
    {
        return json_encode(PlanJson::of($paper->plan), self::JSON)."\n";
    }

    /** The make as typed, to be read in again. */
    public static function make(Make $make): string
    {
        return json_encode(MakeExchange::export($make), self::JSON)."\n";
    }
}

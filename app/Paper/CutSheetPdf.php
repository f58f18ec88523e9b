<?php

declare(strict_types=1);

namespace App\Paper;

use Carbon\CarbonImmutable;
use Underbolt\Advice\Cautions;
use Underbolt\Measure\Unit;
use Underbolt\Paper\CutSheet;
use Underbolt\Paper\CutSheetLevel;
use Underbolt\Paper\CutSheetStation;
use Underbolt\Paper\PageFormat;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\WorkPlan;

/** The cut sheet as PDF, to be read at arm's length in grey. */
final class CutSheetPdf
{
    public static function of(MakePaper $paper, PageFormat $page, CarbonImmutable $today): string
    {
        $unit = $paper->plan->make->unit;
        $sheet = $paper->sheet();

        return HtmlPdf::of(view('cut-sheet', [
            'paper' => $paper,
            'sheet' => $sheet,
            'isFinishedKnown' => array_filter($sheet->levels, static fn (CutSheetLevel $level): bool => $level->plan->asCut !== null) !== [],
            'stations' => self::columns($sheet),
            'isFromNest' => $paper->stations()->isFromNest,
            'unlike' => $sheet->backStations !== null,
            'plan' => $paper->plan,
            'cautions' => Cautions::of($paper->plan),
            'pieces' => PieceCut::all($paper->plan),
            'needs' => ShoppingNeed::of($paper->plan),
            'why' => WorkPlan::of($paper->plan)->why,
            'today' => $today,
            'unit' => $unit,
            'other' => $unit === Unit::Centimetre ? Unit::Inch : Unit::Centimetre,
        ])->render(), $page === PageFormat::Letter ? 'letter' : 'a4');
    }

    /** @return list<list<CutSheetStation>> side by side: front and back, or where they are alike the upper and the lower half */
    private static function columns(CutSheet $sheet): array
    {
        return $sheet->backStations !== null
            ? [$sheet->stations, $sheet->backStations]
            : array_chunk($sheet->stations, max(1, intdiv(count($sheet->stations) + 1, 2)));
    }
}

<?php

declare(strict_types=1);

namespace App\Paper;

use Carbon\CarbonImmutable;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\CutSheetLevel;
use Underbolt\Measure\Unit;
use Underbolt\Paper\PageFormat;
use Underbolt\Work\Pictures\LinePicture;
use Underbolt\Work\Steps\StepKind;
use Underbolt\Work\Told\ToldRow;

/** The cut sheet as PDF, to be read at arm's length in grey. */
final class CutSheetPdf
{
    /** How large the line is drawn against its own size. */
    public const PICTURE = 0.92;

    /** One sheet, printed on both sides. */
    private const PAGES = 2;

    /** A line of a step: its height in the picture's units, and letters that fit in it beside the picture. */
    private const LINE = 13.0;

    private const WIDE = 72;

    public static function of(MakePaper $paper, PageFormat $page, CarbonImmutable $today): string
    {
        $unit = $paper->plan->make->unit;
        $sheet = $paper->sheet();
        $picture = LinePicture::of($paper->plan, $sheet->work->line);
        [$beside, $below] = $picture === null ? [0, 0] : self::beside($sheet, $picture);

        return HtmlPdf::on(self::PAGES, static fn (bool $isClose): string => view('cut-sheet', [
            'isClose' => $isClose,
            'paper' => $paper,
            'sheet' => $sheet,
            'isFinishedKnown' => array_filter($sheet->levels, static fn (CutSheetLevel $level): bool => $level->asCut() !== null) !== [],
            'picture' => $picture,
            'beside' => $beside,
            'below' => $below,
            'stations' => $picture?->isWhole() === true ? [] : self::columns($sheet),
            'isFromNest' => $sheet->work->line->isFromNest,
            'unlike' => ! $sheet->work->line->isAlike,
            'plan' => $paper->plan,
            'today' => $today,
            'unit' => $unit,
            'other' => $unit === Unit::Centimetre ? Unit::Inch : Unit::Centimetre,
        ])->render(), $page === PageFormat::Letter ? 'letter' : 'a4', $paper->title());
    }

    /** @return list<list<ToldRow>> read down one, then the next: front and back, or where they are alike the upper and the lower half */
    private static function columns(CutSheet $sheet): array
    {
        $line = $sheet->work->line;
        $front = ToldRow::all($line->front->stations);

        return match (true) {
            $front === [] => [],
            ! $line->isAlike => [$front, ToldRow::all($line->back->stations)],
            default => array_chunk($front, max(1, intdiv(count($front) + 1, 2))),
        };
    }

    /**
     * How many steps stand beside the picture: those below it have the whole width. Reckoned rather low, so that none runs into
     * it; where all of them end above its foot, what follows begins so much further down.
     *
     * @return array{int, int} and that, in the picture's units
     */
    private static function beside(CutSheet $sheet, LinePicture $picture): array
    {
        $room = ($picture->height() * self::PICTURE + 60) / self::LINE;
        foreach ($sheet->work->steps as $at => $step) {
            $words = [$step->short.($step->kind === StepKind::Trace ? '' : implode(', ', $step->pieces())), ...$step->how];
            $lines = array_sum(array_map(static fn (string $text): float => ceil(mb_strlen($text) / self::WIDE), $words)) + count($step->amounts);
            $room -= $lines;
            if ($room < 0) {
                return [$at + 1, 0];
            }
        }
        $steps = count($sheet->work->steps);

        return [$steps, max(0, (int) (($room - $steps) * self::LINE))];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Paper\StationTableData;
use App\Paper\MakePaper;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Advice\OwnedWay;
use Underbolt\Advice\RoomForOneSize;
use Underbolt\CutSheet\CutFrom;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ToBuy;
use Underbolt\Work\Told\ToldLine;
use Underbolt\Work\WorkPlan;

/** Lengths in whole nanometres. */
final readonly class PlanData
{
    /**
     * @param  string  $details  steps and cautions, counted
     * @param  list<string>  $cut_from  which of the pattern's sheets, in words such as `cup C`, `view B`; none where there is one of each
     * @param  ?string  $roomy_in  the size that would serve all the way, where the garment is loose enough for it
     * @param  list<string>  $waits_for  levels that are not measured yet
     * @param  list<string>  $sizes  in play, smallest first
     * @param  list<string>  $short_sizes  the same where there is little room
     * @param  list<?string>  $also_called  second names of the same, as other countries have them
     * @param  list<LevelData>  $levels  from the top down
     * @param  ?int  $above_waist_nm  longer above 0
     * @param  list<AlternativeData>  $alternatives
     * @param  ?OwnedWayData  $owned_way  what the envelopes that are there give, where the plan needs another one
     * @param  list<PieceCutData>  $pieces
     * @param  list<NeedData>  $needs  for the largest size used
     * @param  int  $to_buy  how many things are not at hand yet, envelopes among them
     * @param  list<StationData>  $stations  of the front
     * @param  ?list<StationData>  $back_stations  of the back, where it is cut unlike
     * @param  ?StationTableData  $own_lines  read off the pattern's own lines; null where it has none that a line can be drawn on
     * @param  'as printed'|'lengthened'  $paper  the paper the stations stand on
     * @param  list<CautionData>  $cautions
     */
    public function __construct(
        public string $headline,
        public string $details,
        public array $cut_from,
        public ?string $roomy_in,
        public array $waits_for,
        public array $sizes,
        public array $short_sizes,
        public array $also_called,
        public ?CupData $cup,
        public FrameData $frame,
        public ?BustAdjustmentData $bust_adjustment,
        public array $levels,
        public ?StepData $bust_waist,
        public ?StepData $waist_hip,
        public ?int $above_waist_nm,
        public ?int $below_waist_nm,
        public ?int $hem_nm,
        public ?int $sleeve_nm,
        public array $alternatives,
        public ?OwnedWayData $owned_way,
        public WorkData $work,
        public array $pieces,
        public array $needs,
        public int $to_buy,
        public array $stations,
        public ?array $back_stations,
        public ?StationTableData $own_lines,
        public string $paper,
        public ?SleeveData $sleeve,
        public ChoosersData $choosers,
        public ?SeamDrawingData $drawing,
        public array $cautions,
    ) {
    }

    /** With the stations on the pattern's own lines. */
    public static function on(MakePaper $paper): self
    {
        return self::of($paper->plan, $paper->ownLines());
    }

    public static function of(Plan $plan, ?StationTable $ownLines = null): self
    {
        $levels = array_values(array_filter($plan->levels, static fn (?LevelPlan $level): bool => $level !== null));
        $drawing = $plan->drawing();
        $work = WorkPlan::of($plan, $ownLines);
        $stations = StationTableData::of($ownLines === null ? $work->line : ToldLine::of($plan, $plan->stationTable()), $plan);
        $owned = OwnedWay::of($plan);
        $buy = ToBuy::of($plan);
        $roomy = RoomForOneSize::in($plan);
        $cautions = Cautions::shown($plan, $ownLines);
        $steps = array_map(static fn ($step): ?StepData => $step === null ? null : StepData::of($step), $plan->steps);

        return new self(
            headline: Headline::of($plan),
            details: Headline::details($plan, count($cautions)),
            cut_from: CutFrom::words($plan, $buy),
            roomy_in: $roomy === null ? null : $plan->nameOf($roomy),
            waits_for: $plan->waitsFor(),
            sizes: array_map($plan->nameOf(...), $plan->inPlay->sizes),
            short_sizes: array_map($plan->make->pattern->shortNameOf(...), $plan->inPlay->sizes),
            also_called: array_map($plan->make->pattern->alsoCalled(...), $plan->inPlay->sizes),
            cup: CupData::of($plan),
            frame: FrameData::of($plan),
            bust_adjustment: $plan->bust === null ? null : BustAdjustmentData::of($plan->bust),
            levels: array_map(static fn (LevelPlan $level): LevelData => LevelData::of($level, $plan), $levels),
            bust_waist: $steps['bust_waist'],
            waist_hip: $steps['waist_hip'],
            above_waist_nm: $plan->lengths->aboveWaist?->nanometres,
            below_waist_nm: $plan->lengths->belowWaist?->nanometres,
            hem_nm: $plan->lengths->hem?->nanometres,
            sleeve_nm: $plan->lengths->sleeve?->nanometres,
            alternatives: array_map(
                static fn (Alternative $one): AlternativeData => AlternativeData::of($one, $plan),
                $plan->alternatives(),
            ),
            owned_way: $owned === null ? null : OwnedWayData::of($owned, $plan),
            work: WorkData::of($work, $plan),
            pieces: array_map(static fn (PieceCut $piece): PieceCutData => PieceCutData::of($piece, $plan), PieceCut::all($plan, $work)),
            needs: array_map(NeedData::of(...), $buy->needs),
            to_buy: $buy->missing(),
            stations: $stations->front,
            back_stations: $stations->back,
            own_lines: $ownLines === null ? null : StationTableData::of($work->line, $plan),
            paper: $plan->paper(),
            sleeve: $plan->sleeve === null ? null : SleeveData::of($plan->sleeve, $plan),
            choosers: ChoosersData::of($plan),
            drawing: $drawing === null ? null : SeamDrawingData::of($drawing, $plan),
            cautions: array_map(CautionData::of(...), $cautions),
        );
    }
}

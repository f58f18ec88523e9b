<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ToBuy;
use Underbolt\Work\WorkPlan;

#[OA\Schema(description: 'lengths in whole nanometres')]
final readonly class PlanData
{
    /**
     * @param  list<string>  $waits_for
     * @param  list<string>  $sizes
     * @param  list<string>  $short_sizes
     * @param  list<LevelData>  $levels
     * @param  ?list<StationData>  $back_stations
     * @param  list<AlternativeData>  $alternatives
     * @param  list<PieceCutData>  $pieces
     * @param  list<NeedData>  $needs
     * @param  list<StationData>  $stations
     * @param  list<CautionData>  $cautions
     */
    public function __construct(
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'steps and cautions, counted')] public string $details,
        #[OA\Property(description: 'levels that are not measured yet', items: new OA\Items(type: 'string'))] public array $waits_for,
        #[OA\Property(description: 'in play, smallest first', items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(description: 'the same where there is little room', items: new OA\Items(type: 'string'))] public array $short_sizes,
        #[OA\Property(oneOf: [new OA\Schema(ref: CupData::class), new OA\Schema(type: 'null')])] public ?CupData $cup,
        #[OA\Property(ref: FrameData::class)] public FrameData $frame,
        #[OA\Property(
            oneOf: [new OA\Schema(ref: BustAdjustmentData::class), new OA\Schema(type: 'null')],
        )] public ?BustAdjustmentData $bust_adjustment,
        #[OA\Property(description: 'from the top down', items: new OA\Items(ref: LevelData::class))] public array $levels,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $bust_waist,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $waist_hip,
        #[OA\Property(description: 'longer above 0')] public ?int $above_waist_nm,
        #[OA\Property] public ?int $below_waist_nm,
        #[OA\Property] public ?int $hem_nm,
        #[OA\Property] public ?int $sleeve_nm,
        #[OA\Property(oneOf: [new OA\Schema(ref: SideSeamData::class), new OA\Schema(type: 'null')])] public ?SideSeamData $side_seam,
        #[OA\Property(items: new OA\Items(ref: AlternativeData::class))] public array $alternatives,
        #[OA\Property(ref: WorkData::class)] public WorkData $work,
        #[OA\Property(items: new OA\Items(ref: PieceCutData::class))] public array $pieces,
        #[OA\Property(description: 'for the largest size used', items: new OA\Items(ref: NeedData::class))] public array $needs,
        #[OA\Property(description: 'of the front', items: new OA\Items(ref: StationData::class))] public array $stations,
        #[OA\Property(
            description: 'of the back, where it is cut unlike',
            type: 'array',
            items: new OA\Items(ref: StationData::class),
            nullable: true,
        )] public ?array $back_stations,
        #[OA\Property(description: 'the paper the stations stand on', enum: ['as printed', 'lengthened'])] public string $paper,
        #[OA\Property(oneOf: [new OA\Schema(ref: SleeveData::class), new OA\Schema(type: 'null')])] public ?SleeveData $sleeve,
        #[OA\Property(ref: ChoosersData::class)] public ChoosersData $choosers,
        #[OA\Property(oneOf: [new OA\Schema(ref: SeamDrawingData::class), new OA\Schema(type: 'null')])] public ?SeamDrawingData $drawing,
        #[OA\Property(items: new OA\Items(ref: CautionData::class))] public array $cautions,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $levels = array_values(array_filter($plan->levels, static fn (?LevelPlan $level): bool => $level !== null));
        $drawing = $plan->drawing();
        $back = $plan->backStations();
        $steps = array_map(static fn ($step): ?StepData => $step === null ? null : StepData::of($step), $plan->steps);

        return new self(
            headline: Headline::of($plan),
            details: Headline::details($plan),
            waits_for: $plan->waitsFor(),
            sizes: array_map($plan->nameOf(...), $plan->inPlay->sizes),
            short_sizes: array_map($plan->make->pattern->shortNameOf(...), $plan->inPlay->sizes),
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
            side_seam: $plan->seam === null ? null : SideSeamData::of($plan->seam),
            alternatives: array_map(
                static fn (Alternative $one): AlternativeData => AlternativeData::of($one, $plan),
                $plan->alternatives(),
            ),
            work: WorkData::of(WorkPlan::of($plan)),
            pieces: array_map(static fn (PieceCut $piece): PieceCutData => PieceCutData::of($piece, $plan), PieceCut::all($plan)),
            needs: array_map(NeedData::of(...), ToBuy::of($plan)->needs),
            stations: array_map(StationData::of(...), $plan->stations()),
            back_stations: $back === null ? null : array_map(StationData::of(...), $back),
            paper: $plan->paper(),
            sleeve: $plan->sleeve === null ? null : SleeveData::of($plan->sleeve, $plan),
            choosers: ChoosersData::of($plan),
            drawing: $drawing === null ? null : SeamDrawingData::of($drawing, $plan),
            cautions: array_map(CautionData::of(...), Cautions::of($plan)),
        );
    }
}

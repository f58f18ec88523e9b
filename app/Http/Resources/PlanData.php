<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Alternative;
use Underbolt\Planning\FrontBack;
use Underbolt\Planning\Headline;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\PieceCut;
use Underbolt\Planning\Plan;
use Underbolt\Planning\SeamDrawing;

#[OA\Schema(description: 'lengths in whole nanometres')]
final readonly class PlanData
{
    /**
     * @param  list<string>  $sizes
     * @param  list<LevelData>  $levels
     * @param  list<FrontBackData>  $front_back
     * @param  list<AlternativeData>  $alternatives
     * @param  list<PieceCutData>  $pieces
     * @param  list<NeedData>  $needs
     * @param  list<StationData>  $stations
     * @param  list<CautionData>  $cautions
     */
    public function __construct(
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'steps and cautions, counted')] public string $details,
        #[OA\Property(description: 'in play, smallest first', items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(oneOf: [new OA\Schema(ref: CupData::class), new OA\Schema(type: 'null')])] public ?CupData $cup,
        #[OA\Property(ref: FrameData::class)] public FrameData $frame,
        #[OA\Property(oneOf: [new OA\Schema(ref: BustAdjustmentData::class), new OA\Schema(type: 'null')])] public ?BustAdjustmentData $bust_adjustment,
        #[OA\Property(description: 'from the top down', items: new OA\Items(ref: LevelData::class))] public array $levels,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $bust_waist,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $waist_hip,
        #[OA\Property(description: 'longer above 0')] public ?int $above_waist_nm,
        #[OA\Property] public ?int $below_waist_nm,
        #[OA\Property] public ?int $hem_nm,
        #[OA\Property] public ?int $sleeve_nm,
        #[OA\Property(oneOf: [new OA\Schema(ref: SideSeamData::class), new OA\Schema(type: 'null')])] public ?SideSeamData $side_seam,
        #[OA\Property(items: new OA\Items(ref: FrontBackData::class))] public array $front_back,
        #[OA\Property(items: new OA\Items(ref: AlternativeData::class))] public array $alternatives,
        #[OA\Property(ref: WorkData::class)] public WorkData $work,
        #[OA\Property(items: new OA\Items(ref: PieceCutData::class))] public array $pieces,
        #[OA\Property(description: 'for the largest size used', items: new OA\Items(ref: NeedData::class))] public array $needs,
        #[OA\Property(items: new OA\Items(ref: StationData::class))] public array $stations,
        #[OA\Property(oneOf: [new OA\Schema(ref: SeamDrawingData::class), new OA\Schema(type: 'null')])] public ?SeamDrawingData $drawing,
        #[OA\Property(items: new OA\Items(ref: CautionData::class))] public array $cautions,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $levels = array_values(array_filter($plan->levels, static fn (?LevelPlan $level): bool => $level !== null));
        $drawing = SeamDrawing::of($plan);
        $steps = array_map(static fn ($step): ?StepData => $step === null ? null : StepData::of($step), $plan->steps);

        return new self(
            Headline::of($plan),
            Headline::details($plan),
            array_map($plan->nameOf(...), $plan->inPlay->sizes),
            CupData::of($plan),
            FrameData::of($plan),
            $plan->bust === null ? null : BustAdjustmentData::of($plan->bust),
            array_map(static fn (LevelPlan $level): LevelData => LevelData::of($level, $plan), $levels),
            $steps['bust_waist'],
            $steps['waist_hip'],
            $plan->lengths->aboveWaist?->nanometres,
            $plan->lengths->belowWaist?->nanometres,
            $plan->lengths->hem?->nanometres,
            $plan->lengths->sleeve?->nanometres,
            $plan->seam === null ? null : SideSeamData::of($plan->seam),
            array_map(static fn (FrontBack $unlike): FrontBackData => FrontBackData::of($unlike, $plan), $plan->frontBack()),
            array_map(static fn (Alternative $one): AlternativeData => AlternativeData::of($one, $plan), $plan->alternatives()),
            WorkData::of($plan->work()),
            array_map(static fn (PieceCut $piece): PieceCutData => PieceCutData::of($piece, $plan), $plan->pieces()),
            array_map(NeedData::of(...), $plan->needs()),
            array_map(StationData::of(...), $plan->stations()),
            $drawing === null ? null : SeamDrawingData::of($drawing, $plan),
            array_map(CautionData::of(...), $plan->cautions),
        );
    }
}

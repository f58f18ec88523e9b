<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Headline;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Planning\SeamDrawing;

#[OA\Schema(description: 'lengths in whole nanometres')]
final readonly class PlanData
{
    /**
     * @param  list<string>  $sizes
     * @param  list<LevelData>  $levels
     * @param  list<StationData>  $stations
     * @param  list<CautionData>  $cautions
     */
    public function __construct(
        #[OA\Property] public string $headline,
        #[OA\Property(description: 'in play, smallest first', items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property] public ?string $frame_size,
        #[OA\Property(description: 'from the top down', items: new OA\Items(ref: LevelData::class))] public array $levels,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $bust_waist,
        #[OA\Property(oneOf: [new OA\Schema(ref: StepData::class), new OA\Schema(type: 'null')])] public ?StepData $waist_hip,
        #[OA\Property(description: 'longer above 0')] public ?int $above_waist_nm,
        #[OA\Property] public ?int $below_waist_nm,
        #[OA\Property] public ?int $hem_nm,
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
            array_map($plan->nameOf(...), $plan->inPlay->sizes),
            $plan->frame->size === null ? null : $plan->nameOf($plan->frame->size),
            array_map(static fn (LevelPlan $level): LevelData => LevelData::of($level, $plan), $levels),
            $steps['bust_waist'],
            $steps['waist_hip'],
            $plan->lengths->aboveWaist?->nanometres,
            $plan->lengths->belowWaist?->nanometres,
            $plan->lengths->hem?->nanometres,
            array_map(StationData::of(...), $plan->stations()),
            $drawing === null ? null : SeamDrawingData::of($drawing, $plan),
            array_map(CautionData::of(...), $plan->cautions),
        );
    }
}

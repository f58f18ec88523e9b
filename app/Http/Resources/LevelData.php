<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Planning\SizePick;
use Underbolt\Sizing\LevelFacts;

#[OA\Schema]
final readonly class LevelData
{
    /** @param  list<NotchData>  $notches the sizes in play, smallest first */
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(enum: ['critical', 'matters', 'free'])] public string $weight,
        #[OA\Property(description: 'set by hand')] public bool $clipped,
        #[OA\Property(description: 'takes the size of a level that counts')] public bool $follows,
        #[OA\Property] public int $measure_nm,
        #[OA\Property(ref: ChartSizeData::class)] public ChartSizeData $chart,
        #[OA\Property] public string $size,
        #[OA\Property] public ?int $chart_value_nm,
        #[OA\Property] public ?int $finished_nm,
        #[OA\Property] public ?int $drafted_ease_nm,
        #[OA\Property] public ?int $your_ease_nm,
        #[OA\Property] public int $least_ease_nm,
        #[OA\Property] public ?int $wished_nm,
        #[OA\Property] public ?int $left_over_nm,
        #[OA\Property] public int $edges,
        #[OA\Property] public ?int $per_edge_nm,
        #[OA\Property] public bool $sew_in_allowance,
        #[OA\Property(items: new OA\Items(ref: NotchData::class))] public array $notches,
    ) {
    }

    public static function of(LevelPlan $level, Plan $plan): self
    {
        $facts = $level->facts;

        return new self(
            $facts->level->value,
            $plan->make->pattern->weightAt($facts->level)->value,
            $plan->make->choices->clip($facts->level) !== null,
            SizePick::isFree($plan->make, $facts->level),
            $facts->body->nanometres,
            ChartSizeData::of($level->chart, $plan),
            $plan->nameOf($level->size),
            $level->chartValue?->nanometres,
            $level->finished?->nanometres,
            $level->draftedEase?->nanometres,
            $level->yourEase?->nanometres,
            $facts->leastEase->nanometres,
            $level->leftOver->wished?->nanometres,
            $level->leftOver->total?->nanometres,
            $facts->edges,
            $level->leftOver->perEdge?->nanometres,
            $level->leftOver->sewInAllowance(),
            self::notches($facts, $plan),
        );
    }

    /** @return list<NotchData> */
    private static function notches(LevelFacts $facts, Plan $plan): array
    {
        return array_map(static fn (int $size): NotchData => new NotchData(
            $plan->nameOf($size),
            $facts->chart->at($size)?->nanometres,
            $facts->finishedAt($size)?->nanometres,
        ), $plan->inPlay->sizes);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Garment;
use Underbolt\Pattern\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Opinion;
use Underbolt\Planning\Opinions;
use Underbolt\Planning\Plan;
use Underbolt\Planning\SizePick;
use Underbolt\Sizing\EaseBand;
use Underbolt\Sizing\LevelFacts;

#[OA\Schema]
final readonly class LevelData
{
    /**
     * @param  list<OpinionData>  $opinions
     * @param  list<NotchData>  $notches  the sizes in play, smallest first
     */
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
        #[OA\Property(description: 'what the centre back takes alone')] public ?int $centre_back_nm,
        #[OA\Property(enum: ['firm', 'near the edge', 'measure again'])] public string $sure,
        #[OA\Property(description: 'what so much ease at the bust of a dress or top is called')] public ?string $band,
        #[OA\Property(description: 'a quarter of body and ease, to lay on the tissue')] public int $quarter_nm,
        #[OA\Property(items: new OA\Items(ref: OpinionData::class))] public array $opinions,
        #[OA\Property(description: 'all schools that can tell name one size')] public bool $agreed,
        #[OA\Property(items: new OA\Items(ref: NotchData::class))] public array $notches,
    ) {
    }

    public static function of(LevelPlan $level, Plan $plan): self
    {
        $facts = $level->facts;
        $opinions = Opinions::at($facts, $plan->make);

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
            $level->centreBack?->nanometres,
            $level->sure->value,
            self::band($level, $plan->make->pattern->garment)?->value,
            $facts->body->plus($facts->likedEase ?? $facts->leastEase)->dividedBy(4)->nanometres,
            array_map(static fn (Opinion $opinion): OpinionData => OpinionData::of($opinion, $plan), $opinions),
            Opinions::agree($opinions),
            self::notches($facts, $plan),
        );
    }

    /** Coats have other bands, and other levels none. */
    private static function band(LevelPlan $level, ?Garment $garment): ?EaseBand
    {
        $named = $level->facts->level === Level::Bust && $level->yourEase !== null && $garment !== Garment::Coat;

        return $named ? EaseBand::of($level->yourEase) : null;
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

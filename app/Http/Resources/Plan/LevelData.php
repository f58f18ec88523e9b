<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Advice\Opinion;
use Underbolt\Advice\Opinions;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseBand;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Work\OnTissue;

#[OA\Schema]
final readonly class LevelData
{
    /**
     * @param  list<OpinionData>  $opinions
     * @param  list<NotchData>  $notches  the sizes in play, smallest first
     * @param  list<OnTissueData>  $on_tissue
     */
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(enum: ['critical', 'matters', 'free'])] public string $weight,
        #[OA\Property(description: 'set by hand')] public bool $clipped,
        #[OA\Property(description: 'free: gives no orders')] public bool $follows,
        #[OA\Property(description: 'null where only the frame is known')] public ?int $measure_nm,
        #[OA\Property(oneOf: [new OA\Schema(ref: ChartSizeData::class), new OA\Schema(type: 'null')])] public ?ChartSizeData $chart,
        #[OA\Property] public string $size,
        #[OA\Property(description: 'what the level would pick by itself')] public string $own,
        #[OA\Property(description: 'why it is cut in another, in one sentence')] public ?string $why,
        #[OA\Property(description: 'size in front')] public string $front,
        #[OA\Property] public string $back,
        #[OA\Property] public ?int $chart_value_nm,
        #[OA\Property(description: 'as printed')] public ?int $finished_nm,
        #[OA\Property] public ?int $drafted_ease_nm,
        #[OA\Property] public ?int $your_ease_nm,
        #[OA\Property] public ?int $least_ease_nm,
        #[OA\Property] public ?int $wished_nm,
        #[OA\Property(description: 'too much above 0')] public ?int $left_over_nm,
        #[OA\Property] public int $edges,
        #[OA\Property] public ?int $per_edge_nm,
        #[OA\Property(enum: ['in_line', 'sew', 'leave'], nullable: true)] public ?string $take,
        #[OA\Property(description: 'too little by the chart, but the garment has room')] public bool $is_carried,
        #[OA\Property(description: 'what the centre back takes alone')] public int $centre_back_nm,
        #[OA\Property(description: 'what a bust adjustment adds all round')] public int $adjusted_nm,
        #[OA\Property(description: 'what was set by hand adds all round')] public int $by_hand_nm,
        #[OA\Property(description: 'drawn at the front side edge beside the blend, outward positive')] public int $change_front_nm,
        #[OA\Property] public int $change_back_nm,
        #[OA\Property(description: 'how much wider it is cut than printed, all round')] public int $changed_nm,
        #[OA\Property(description: 'the garment once all is done')] public ?int $as_cut_nm,
        #[OA\Property] public ?int $ease_as_cut_nm,
        #[OA\Property(enum: ['by_hand', 'firm', 'near the edge', 'measure again'])] public string $sure,
        #[OA\Property(description: 'the measure that decides')] public string $sure_of,
        #[OA\Property(description: 'what so much ease at the bust of a dress or top is called')] public ?string $band,
        #[OA\Property(description: 'where a tape on the tissue ends', items: new OA\Items(ref: OnTissueData::class))]
        public array $on_tissue,
        #[OA\Property(items: new OA\Items(ref: OpinionData::class))] public array $opinions,
        #[OA\Property(description: 'all schools that can tell name the size that is cut')] public bool $agreed,
        #[OA\Property(items: new OA\Items(ref: NotchData::class))] public array $notches,
    ) {
    }

    public static function of(LevelPlan $level, Plan $plan): self
    {
        $facts = $level->facts;
        $taken = $level->taken;
        $opinions = Opinions::at($level, $plan->situation);

        return new self(
            level: $facts->level->value,
            weight: $facts->weight->value,
            clipped: $plan->make->choices->clip($facts->level) !== null,
            follows: $level->follows,
            measure_nm: $facts->body?->nanometres,
            chart: $facts->chartSize === null ? null : ChartSizeData::of($facts->chartSize, $plan),
            size: $plan->nameOf($level->size),
            own: $plan->nameOf($facts->own),
            why: $level->why,
            front: $plan->nameOf($level->front),
            back: $plan->nameOf($level->back),
            chart_value_nm: $level->chartValue?->nanometres,
            finished_nm: $level->finished?->nanometres,
            drafted_ease_nm: $level->facts->toldEase($level->size)?->nanometres,
            your_ease_nm: $level->yourEase?->nanometres,
            least_ease_nm: $facts->least?->nanometres,
            wished_nm: $level->wished?->nanometres,
            left_over_nm: $taken->leftOver?->nanometres,
            edges: $facts->edges,
            per_edge_nm: $taken->perEdge?->nanometres,
            take: $taken->take?->value,
            is_carried: $level->isCarried(),
            centre_back_nm: $taken->centreBack->nanometres,
            adjusted_nm: $level->adjusted->nanometres,
            by_hand_nm: $level->byHand->total()->nanometres,
            change_front_nm: $level->change->front->nanometres,
            change_back_nm: $level->change->back->nanometres,
            changed_nm: $level->changed->nanometres,
            as_cut_nm: $level->asCut?->nanometres,
            ease_as_cut_nm: $level->easeAsCut?->nanometres,
            sure: $level->sureness->sure->value,
            sure_of: $level->sureness->point->words(),
            band: self::band($level, $plan->make->pattern->garment)?->value,
            on_tissue: array_map(OnTissueData::of(...), OnTissue::at($level, $plan)),
            opinions: array_map(static fn (Opinion $opinion): OpinionData => OpinionData::of($opinion, $plan), $opinions),
            agreed: Opinions::agreeOn($opinions, $level->size),
            notches: self::notches($facts, $plan),
        );
    }

    /** Coats have other bands, and other levels none. */
    private static function band(LevelPlan $level, ?Garment $garment): ?EaseBand
    {
        $named = $level->facts->level === Level::Bust && $level->easeAsCut !== null && $garment !== Garment::Coat;

        return $named ? EaseBand::of($level->easeAsCut) : null;
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

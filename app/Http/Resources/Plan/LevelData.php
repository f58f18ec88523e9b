<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\Opinion;
use Underbolt\Advice\Opinions;
use Underbolt\Advice\TakeReason;
use Underbolt\Altering\Take;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseBand;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sure;
use Underbolt\Work\OnTissue;
use Underbolt\Work\Pictures\SitsPicture;

final readonly class LevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  value-of<Weight>  $weight
     * @param  bool  $clipped  set by hand
     * @param  bool  $follows  free: gives no orders
     * @param  ?int  $measure_nm  null where only the frame is known
     * @param  ?int  $stands_in_nm  the measure that decides in its place, where the level's own isn't known: `sure_of` names it
     * @param  string  $own  what the level would pick by itself
     * @param  ?string  $why  why it is cut in another, in one sentence
     * @param  string  $front  size in front
     * @param  ?int  $finished_nm  as printed
     * @param  ?int  $left_over_nm  too much above 0
     * @param  ?value-of<Take>  $take
     * @param  ?string  $take_why  the reason of what nobody asked for, in one clause
     * @param  bool  $is_carried  too little by the chart, but the garment has room
     * @param  int  $centre_back_nm  what the centre back takes alone
     * @param  int  $adjusted_nm  what a bust adjustment adds all round
     * @param  int  $by_hand_nm  what was set by hand adds all round
     * @param  int  $by_hand_front_nm  the same at each front side edge, with what is found at fittings
     * @param  int  $change_front_nm  drawn at the front side edge beside the blend, outward positive
     * @param  int  $changed_nm  how much wider it is cut than printed, all round
     * @param  ?int  $as_cut_nm  the garment once all is done
     * @param  ?StepPictureData  $sits  a section of the body and the garment round it; null where the garment isn't known
     * @param  value-of<Sure>  $sure
     * @param  string  $sure_of  the measure that decides
     * @param  ?string  $band  what so much ease at the bust of a dress or top is called
     * @param  list<OnTissueData>  $on_tissue  where a tape on the tissue ends
     * @param  list<OpinionData>  $opinions
     * @param  bool  $agreed  all schools that can tell name the size that is cut
     * @param  list<NotchData>  $notches  the sizes in play, smallest first
     */
    public function __construct(
        public string $level,
        public string $weight,
        public bool $clipped,
        public bool $follows,
        public ?int $measure_nm,
        public ?int $stands_in_nm,
        public ?ChartSizeData $chart,
        public string $size,
        public string $own,
        public ?string $why,
        public string $front,
        public string $back,
        public ?int $chart_value_nm,
        public ?int $finished_nm,
        public ?int $drafted_ease_nm,
        public ?int $your_ease_nm,
        public ?int $least_ease_nm,
        public ?int $wished_nm,
        public ?int $left_over_nm,
        public int $edges,
        public ?int $per_edge_nm,
        public ?string $take,
        public ?string $take_why,
        public bool $is_carried,
        public int $centre_back_nm,
        public int $adjusted_nm,
        public int $by_hand_nm,
        public int $by_hand_front_nm,
        public int $by_hand_back_nm,
        public int $change_front_nm,
        public int $change_back_nm,
        public int $changed_nm,
        public ?int $as_cut_nm,
        public ?int $ease_as_cut_nm,
        public ?StepPictureData $sits,
        public string $sure,
        public string $sure_of,
        public ?string $band,
        public array $on_tissue,
        public array $opinions,
        public bool $agreed,
        public array $notches,
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
            stands_in_nm: $facts->body === null ? $plan->make->body->at($level->sureness->point)?->nanometres : null,
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
            take_why: TakeReason::of($level, $plan),
            is_carried: $level->isCarried(),
            centre_back_nm: $taken->centreBack->nanometres,
            adjusted_nm: $level->adjusted->nanometres,
            by_hand_nm: $level->byHand->total()->nanometres,
            by_hand_front_nm: $level->byHand->edges->front->nanometres,
            by_hand_back_nm: $level->byHand->edges->back->nanometres,
            change_front_nm: $level->change->front->nanometres,
            change_back_nm: $level->change->back->nanometres,
            changed_nm: $level->changed->nanometres,
            as_cut_nm: $level->asCut?->nanometres,
            ease_as_cut_nm: $level->easeAsCut?->nanometres,
            sits: StepPictureData::ofAny(SitsPicture::of($level)),
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
            size: $plan->nameOf($size),
            chart_nm: $facts->chart->at($size)?->nanometres,
            chart_from_nm: $facts->chart->rangeAt($size)?->from->nanometres,
            chart_to_nm: $facts->chart->rangeAt($size)?->to->nanometres,
            finished_nm: $facts->finishedAt($size)?->nanometres,
            drafted_ease_nm: $facts->toldEase($size)?->nanometres,
            your_ease_nm: $facts->yourEase($size)?->nanometres,
            left_over_nm: $facts->leftOver($size)?->nanometres,
            per_edge_nm: $facts->leftOver($size)?->dividedBy($facts->edges)->nanometres,
        ), $plan->inPlay->sizes);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\ByHand;
use Underbolt\Altering\LeftOver;
use Underbolt\Altering\LevelChange;
use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Measure\Span;
use Underbolt\Planning\Choosing\Sureness;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\LevelFacts;

/** What the plan says at one level. Sizes are places in the pattern's list. */
final readonly class LevelPlan
{
    /** @var ?Length of a range the middle */
    public ?Length $chartValue;

    /** @var ?Span null where a single figure is printed */
    public ?Span $chartRange;

    /** @var ?Length as the size is printed */
    public ?Length $finished;

    public ?Length $draftedEase;

    public ?Length $yourEase;

    public ?Length $wished;

    /** @var ?Length the garment once everything is done that the plan says */
    public ?Length $asCut;

    /** @var Length how much wider it is drawn than its size is printed, all round, beside the blend and a bust adjustment */
    public Length $drawn;

    /** @var Length how much wider the garment is cut than the size is printed, all round */
    public Length $changed;

    /** @var ?Length as cut, less the body */
    public ?Length $easeAsCut;

    /**
     * @param  int  $size  by clip, by whoever picks, or that of the level it follows
     * @param  int  $front  the size in front; the same unless front and back are cut unlike
     * @param  Length  $adjusted  what a bust adjustment adds there all round; 0 without one
     * @param  Length  $sewnByFitting  what a seam that is sewn otherwise adds all round
     * @param  LevelChange  $passed  what the levels about it hand on, where it is free
     * @param  EdgeChange  $change  what is drawn at the side edges beside the blend
     * @param  bool  $follows  whether the level is free, and in the size of another
     * @param  bool  $isFree  whether it is free and nothing is taken there by hand: then it gives no orders, and raises no caution
     * @param  ?string  $why  one sentence, where the size is not the level's own pick
     */
    public function __construct(
        public LevelFacts $facts,
        public int $size,
        public int $front,
        public int $back,
        public LeftOver $taken,
        public Length $adjusted,
        public ByHand $byHand,
        public Length $sewnByFitting,
        public LevelChange $passed,
        public EdgeChange $change,
        public bool $follows,
        public bool $isFree,
        public Sureness $sureness,
        public ?string $why,
    ) {
        $this->chartValue = $facts->chart->at($size);
        $this->chartRange = $facts->chart->rangeAt($size);
        $this->finished = $facts->finishedAt($size);
        $this->draftedEase = $facts->draftedEase($size);
        $this->yourEase = $facts->yourEase($size);
        $this->wished = $taken->leftOver === null ? null : $facts->wishedFor($size);
        $found = $byHand->total()->plus((new LevelChange($passed->ease, EdgeChange::none(), $passed->byHand))->round($facts->edges));
        $this->drawn = $taken->take === Take::InLine ? $found->minus($taken->all) : $found;
        $this->changed = $adjusted->minus($taken->all)->plus($byHand->total())->plus($sewnByFitting)->plus($passed->round($facts->edges));
        $this->asCut = $this->halves()?->plus($this->changed);
        $this->easeAsCut = $facts->body === null ? null : $this->asCut?->minus($facts->body);
    }

    /** Whether what is too little by the chart is left because the garment has room: the ease carries it. */
    public function isCarried(): bool
    {
        return $this->taken->take === Take::Leave
            && $this->taken->leftOver?->isNegative() === true
            && $this->facts->least !== null
            && $this->easeAsCut?->isLessThan($this->facts->least) === false;
    }

    /** Half the front size's finished girth and half the back size's. */
    private function halves(): ?Length
    {
        if ($this->front === $this->back) {
            return $this->finished;
        }
        $back = $this->facts->finishedAt($this->back);

        return $back === null ? null : $this->facts->finishedAt($this->front)?->plus($back)->dividedBy(2);
    }
}

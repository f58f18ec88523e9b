<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\ByHand;
use Underbolt\Altering\LengthsByHand;
use Underbolt\Altering\PaperWay;
use Underbolt\Altering\Spread;
use Underbolt\Altering\Take;
use Underbolt\Altering\ToHem;
use Underbolt\Altering\TrueSeams;
use Underbolt\Altering\TryFirst;
use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\BlendShape;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\Sizes;

/** What the sewist decided for one make. */
final readonly class Choices
{
    /**
     * @param  ?Lead  $lead  null leaves it to the body and the pattern
     * @param  ?EaseSchool  $ease  null leaves it to whether liked ease is given
     * @param  ?Pick  $pick  null leaves it to how the pattern is meant to be cut
     * @param  array<string, Length>  $likedEase  by level
     * @param  array<string, Length>  $leastEase  by level; the fabric's own where none is given
     * @param  Sizes  $clips  sizes set by hand
     * @param  int<0, max>  $largestStep  sizes between neighbouring levels that need no caution
     * @param  Length  $dwell  how far below the waist the line leaves the waist size
     * @param  Length  $stationEvery  above 0
     * @param  Length  $tummyDepth  how far below the waist the tummy lies, where the body doesn't say
     * @param  ?string  $view  which of the pattern's views is made; null where it has none, or it isn't chosen
     * @param  array<string, Length>  $ownGarment  flat widths of a garment that fits well, by level
     * @param  array<string, int>  $frontLarger  by how many sizes the front is larger and the back smaller, by level
     * @param  array<string, Length>  $centreBack  how much of the left-over goes to the centre back alone, by level
     * @param  ?WorkOrder  $order  null leaves it to how far the waist moves
     * @param  array<string, Take>  $take  what becomes of the left-over, by level, where that was decided
     * @param  array<string, ByHand>  $byHand  what a fitting found, by level
     * @param  ?AdjustmentMethod  $method  of the bust adjustment; null leaves it to how full the bust is
     * @param  Spread  $spread  where what slashing adds at the waist goes
     * @param  ?ToHem  $toHem  what becomes below the last level of what is changed there
     * @param  ?TrueSeams  $trueSeams  where front or back seam comes out longer on the pattern's own lines
     * @param  PaperWay  $paper  how the line gets to the cloth
     * @param  bool  $sleeveFirst  whether the sleeve's steps come before the body's
     * @param  ?TryFirst  $tryFirst  null where it is left to the advice
     * @param  bool  $adjustBust  whether the bust is adjusted to its frame though full bust or cup leads
     */
    public function __construct(
        public ?string $range,
        public BetweenRule $between,
        public ?Lead $lead,
        public ?EaseSchool $ease,
        public ?Pick $pick,
        private array $likedEase,
        private array $leastEase,
        private Sizes $clips,
        public int $largestStep,
        public BlendShape $blend,
        public Length $dwell,
        public Length $stationEvery,
        public Length $tummyDepth,
        public ?string $view = null,
        public ?string $fit = null,
        private array $ownGarment = [],
        public CostWeights $weights = new CostWeights,
        private array $frontLarger = [],
        private array $centreBack = [],
        public ?WorkOrder $order = null,
        private array $take = [],
        private array $byHand = [],
        public LengthsByHand $lengths = new LengthsByHand,
        public ?AdjustmentMethod $method = null,
        public bool $adjustBust = false,
        public Spread $spread = Spread::Dart,
        public ?ToHem $toHem = null,
        public ?TrueSeams $trueSeams = null,
        public PaperWay $paper = PaperWay::Trace,
        public bool $sleeveFirst = false,
        public ?TryFirst $tryFirst = null,
    ) {
    }

    /** The same in another envelope, what was set by hand taken off: it stands on sizes of the one before. */
    public function inRange(string $range): self
    {
        return new self(
            range: $range,
            between: $this->between,
            lead: $this->lead,
            ease: $this->ease,
            pick: $this->pick,
            likedEase: $this->likedEase,
            leastEase: $this->leastEase,
            clips: new Sizes,
            largestStep: $this->largestStep,
            blend: $this->blend,
            dwell: $this->dwell,
            stationEvery: $this->stationEvery,
            tummyDepth: $this->tummyDepth,
            view: $this->view,
            fit: $this->fit,
            ownGarment: $this->ownGarment,
            weights: $this->weights,
            frontLarger: $this->frontLarger,
            centreBack: $this->centreBack,
            order: $this->order,
            take: $this->take,
            byHand: $this->byHand,
            lengths: $this->lengths,
            method: $this->method,
            adjustBust: $this->adjustBust,
            spread: $this->spread,
            toHem: $this->toHem,
            trueSeams: $this->trueSeams,
            paper: $this->paper,
            sleeveFirst: $this->sleeveFirst,
            tryFirst: $this->tryFirst,
        );
    }

    /** What was said, else what a garment that fits well has there: its flat width, doubled, less the body. */
    public function likedEase(Level $level, ?Length $body): ?Length
    {
        $flat = $this->ownGarment[$level->value] ?? null;

        return $this->likedEase[$level->value] ?? ($body === null ? null : $flat?->plus($flat)->minus($body));
    }

    /** Of a garment that fits well, laid flat. */
    public function flatWidth(Level $level): ?Length
    {
        return $this->ownGarment[$level->value] ?? null;
    }

    public function givesLikedEase(Level $level): bool
    {
        return isset($this->likedEase[$level->value]) || isset($this->ownGarment[$level->value]);
    }

    public function leastEase(Level $level): ?Length
    {
        return $this->leastEase[$level->value] ?? null;
    }

    /** By how many sizes the front is cut larger than the size, and the back smaller; below 0 the other way. */
    public function frontLarger(Level $level): int
    {
        return $this->frontLarger[$level->value] ?? 0;
    }

    /** Signed like what is left over there; 0 where nothing goes to the centre back. */
    public function centreBack(Level $level): Length
    {
        return $this->centreBack[$level->value] ?? Length::zero();
    }

    public function take(Level $level): ?Take
    {
        return $this->take[$level->value] ?? null;
    }

    public function byHand(Level $level): ByHand
    {
        return $this->byHand[$level->value] ?? ByHand::none();
    }

    /** Whether something is said of what a fitting found there, though it be nothing. */
    public function givesByHand(Level $level): bool
    {
        return isset($this->byHand[$level->value]);
    }

    public function clip(Level $level): ?int
    {
        return $this->clips->at($level);
    }
}

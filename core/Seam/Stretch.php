<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;

/**
 * The part of the new side seam between two neighbouring levels, and on below the lower one.
 *
 * It moves away from the upper size's line by two things added up: the blend, which follows that line
 * down to `start` and reaches the lower size's at `end`, and the change, which runs the whole way from
 * level to level. Outward is positive.
 */
final readonly class Stretch
{
    /** The gaps in plain numbers, as a drawing asks for them at every point. */
    private ?float $drawnAtTop;

    private ?float $drawnAtEnd;

    private ?BigRational $gapGrows;

    /**
     * @param  string  $from  name of the size above
     * @param  string  $to  name of the size below
     * @param  Length  $top  depth of the upper level, where the gap is `gapAtTop`
     * @param  Length  $start  depth where the line leaves the upper size; not above `top`
     * @param  Length  $end  depth of the lower level, below `start`
     * @param  ?BigRational  $gapAtTop  nanometres for each edge; null where no figure is printed
     * @param  Length  $changeAtTop  for each edge
     * @param  ?Length  $hem  depth that the change runs out at below the lower level; null where it stays
     */
    public function __construct(
        public string $from,
        public string $to,
        public Length $top,
        public Length $start,
        public Length $end,
        private BlendShape $shape,
        private ?BigRational $gapAtTop,
        private ?BigRational $gapAtEnd,
        private Length $changeAtTop,
        private Length $changeAtEnd,
        private ?Length $hem = null,
    ) {
        $this->drawnAtTop = $gapAtTop?->toFloat();
        $this->drawnAtEnd = $gapAtEnd?->toFloat();
        $this->gapGrows = $gapAtTop === null ? null : $gapAtEnd?->minus($gapAtTop);
    }

    public function station(Length $depth, ?string $level): Station
    {
        $share = $this->share($depth);
        $blend = $this->blend($depth, $share);
        $change = $this->change($depth);

        return new Station(
            depth: $depth,
            from: $this->from,
            to: $this->to,
            share: $share,
            blend: $blend,
            change: $change,
            move: $blend?->plus($change),
            level: $level,
        );
    }

    /**
     * The move of a station, for a drawing: in plain numbers; null where no figure tells the blend.
     *
     * @param  bool  $blendAlone  without what is changed beside it
     */
    public function drawnMove(float $depth, bool $blendAlone = false): ?float
    {
        $blend = $this->drawnBlend($depth);
        if ($blend === null || $blendAlone) {
            return $blend;
        }
        $way = $this->drawnWay($depth, $this->top->nanometres);
        $grown = ($this->changeAtEnd->nanometres - $this->changeAtTop->nanometres) * $this->shape->crossed($way);
        $gone = $this->hem === null || $depth <= $this->end->nanometres ? 0.0 : $this->shape->crossed(min(1.0, $this->wayToHem($this->hem, $depth)));

        return $blend + $this->changeAtTop->nanometres + $grown - $gone * $this->changeAtEnd->nanometres;
    }

    private function wayToHem(Length $hem, float $depth): float
    {
        return ($depth - $this->end->nanometres) / ($hem->nanometres - $this->end->nanometres);
    }

    private function drawnBlend(float $depth): ?float
    {
        $share = $this->from === $this->to ? 0.0 : $this->shape->crossed($this->drawnWay($depth, $this->start->nanometres));
        if ($share === 0.0) {
            return 0.0;
        }
        if ($this->drawnAtTop === null || $this->drawnAtEnd === null) {
            return null;
        }
        $down = $this->drawnWay($depth, $this->top->nanometres);

        return $share * ($this->drawnAtTop * (1 - $down) + $this->drawnAtEnd * $down);
    }

    /** How far the line leaves the upper size's for each step down, at a depth in nanometres; null where no figure is printed. */
    public function slope(float $depth, bool $blendAlone = false): ?float
    {
        $blend = $this->blendSlope($depth);
        if ($blend === null || $blendAlone) {
            return $blend;
        }
        $all = $this->end->nanometres - $this->top->nanometres;
        $grows = ($this->changeAtEnd->nanometres - $this->changeAtTop->nanometres) / $all;
        if ($depth > $this->end->nanometres) {
            $isGoing = $this->hem !== null && $depth < $this->hem->nanometres;

            return $blend - ($isGoing ? $this->changeAtEnd->nanometres / ($this->hem->nanometres - $this->end->nanometres) * $this->shape->slope($this->wayToHem($this->hem, $depth)) : 0.0);
        }

        return $blend + ($depth < $this->top->nanometres ? 0.0 : $grows * $this->shape->slope(($depth - $this->top->nanometres) / $all));
    }

    /** The share of the gap that the blend has crossed at a depth: 0 to 1; nothing is crossed between equal sizes. */
    private function share(Length $depth): BigRational
    {
        return $this->from === $this->to ? BigRational::zero() : $this->crossed($depth, $this->start);
    }

    private function blend(Length $depth, BigRational $share): ?Length
    {
        if ($share->isZero()) {
            return Length::zero();
        }
        $gap = $this->gap($depth);

        return $gap === null ? null : SmallRatio::times($gap, $share);
    }

    /** Along the whole way from level to level; below the lower one it stays, or runs out to the hem. */
    private function change(Length $depth): Length
    {
        if ($this->hem !== null && $this->end->isLessThan($depth)) {
            $gone = $this->way($depth, $this->end, $this->hem);
            $all = BigRational::of($this->changeAtEnd->nanometres);

            return $this->changeAtEnd->minus(SmallRatio::times($all, $gone));
        }
        $difference = $this->changeAtEnd->minus($this->changeAtTop);
        if ($difference->isZero()) {
            return $this->changeAtTop;
        }
        $way = $this->crossed($depth, $this->top);
        $grown = BigRational::of($difference->nanometres);

        return $this->changeAtTop->plus(SmallRatio::times($grown, $way));
    }

    /** How much of the way from a depth to the lower level is done, along the shape. */
    private function crossed(Length $depth, Length $from): BigRational
    {
        return $this->way($depth, $from, $this->end);
    }

    /** How much of the way from one depth to another is done, along the shape. */
    private function way(Length $depth, Length $from, Length $to): BigRational
    {
        $crossing = max(1, $to->nanometres - $from->nanometres);
        $done = min(max($depth->nanometres - $from->nanometres, 0), $crossing);
        if ($done === 0 || $done === $crossing) {
            return $done === 0 ? BigRational::zero() : BigRational::one();
        }
        $shared = SmallRatio::divisor($done, $crossing);

        return $this->shape->shareOf(intdiv($done, $shared), max(1, intdiv($crossing, $shared)));
    }

    private function drawnWay(float $depth, int $from): float
    {
        return min(1.0, max(0.0, ($depth - $from) / ($this->end->nanometres - $from)));
    }

    private function blendSlope(float $depth): ?float
    {
        if ($this->from === $this->to || $depth < $this->start->nanometres || $depth > $this->end->nanometres) {
            return 0.0;
        }
        if ($this->drawnAtTop === null || $this->drawnAtEnd === null) {
            return null;
        }
        $crossing = $this->end->nanometres - $this->start->nanometres;
        $way = ($depth - $this->start->nanometres) / $crossing;
        $top = $this->drawnAtTop;
        $change = $this->drawnAtEnd - $top;
        $all = $this->end->nanometres - $this->top->nanometres;
        $gap = $top + $change * ($depth - $this->top->nanometres) / $all;

        return $this->shape->slope($way) / $crossing * $gap + $this->shape->crossed($way) * $change / $all;
    }

    /** Linear between the levels, constant below the lower one. */
    private function gap(Length $depth): ?BigRational
    {
        if ($this->gapAtTop === null || $this->gapAtEnd === null) {
            return null;
        }
        $all = $this->end->minus($this->top)->nanometres;
        $way = min($depth->minus($this->top)->nanometres, $all);
        $change = $this->gapGrows;
        if ($change === null || $change->isZero()) {
            return $this->gapAtTop; // most charts grade alike at every level
        }

        return $this->gapAtTop->plus($change->multipliedBy(BigRational::nd($way, $all)->simplified()));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;

/**
 * The part of the new side seam between two neighbouring levels.
 *
 * Down to `start` it follows the upper size's line, from `end` on the lower
 * size's; between the two it crosses.
 */
final readonly class BlendSegment
{
    /**
     * @param  string  $from  name of the size above
     * @param  string  $to  name of the size below
     * @param  Length  $top  depth of the upper level, where the gap is `gapAtTop`
     * @param  Length  $start  depth where the line leaves the upper size; not above `top`
     * @param  Length  $end  depth of the lower level, below `start`
     * @param  ?BigRational  $gapAtTop  nanometres for each cut edge; null where no figure is printed
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
    ) {
    }

    /** The share of the gap that the line has crossed at a depth: 0 to 1. */
    public function share(Length $depth): BigRational
    {
        [$up, $down] = $this->way($depth);

        return $this->shape->shareOf($up, $down);
    }

    /** @return array{int, positive-int} the share of the way down that is done, in least terms */
    private function way(Length $depth): array
    {
        $crossing = max(1, $this->end->nanometres - $this->start->nanometres);
        $done = min(max($depth->nanometres - $this->start->nanometres, 0), $crossing);
        $shared = SmallRatio::divisor($done, $crossing);

        return [intdiv($done, $shared), max(1, intdiv($crossing, $shared))];
    }

    /** How far out from the upper size's line the new line stands; negative is further in. */
    public function offset(Length $depth): ?Length
    {
        return $this->station($depth, null)->offset;
    }

    /** As `offset`, for a drawing: in plain numbers, since a line is drawn through many points. */
    public function drawnOffset(Length $depth): ?Length
    {
        if ($this->gapAtTop === null || $this->gapAtEnd === null) {
            return null;
        }
        $crossing = $this->end->nanometres - $this->start->nanometres;
        $way = min(1.0, max(0.0, ($depth->nanometres - $this->start->nanometres) / $crossing));
        $down = min(1.0, ($depth->nanometres - $this->top->nanometres) / ($this->end->nanometres - $this->top->nanometres));
        $gap = $this->gapAtTop->toFloat() * (1 - $down) + $this->gapAtEnd->toFloat() * $down;

        return Length::ofNanometres((int) round($this->shape->crossed($way) * $gap));
    }

    public function station(Length $depth, ?string $level): Station
    {
        $share = $this->share($depth);
        $gap = $this->gap($depth);
        $offset = $gap === null ? null : SmallRatio::product($gap, $share) ?? Length::ofRational($gap->multipliedBy($share));

        return new Station($depth, $this->from, $this->to, $share, $offset, $level);
    }

    /** How far the line leaves the upper size's for each step down, at a depth in nanometres; null where no figure is printed. */
    public function slope(float $depth): ?float
    {
        if ($this->gapAtTop === null || $this->gapAtEnd === null) {
            return null;
        }
        if ($depth < $this->start->nanometres || $depth > $this->end->nanometres) {
            return 0.0;
        }
        $crossing = $this->end->nanometres - $this->start->nanometres;
        $way = ($depth - $this->start->nanometres) / $crossing;
        $top = $this->gapAtTop->toFloat();
        $change = $this->gapAtEnd->toFloat() - $top;
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
        $change = $this->gapAtEnd->minus($this->gapAtTop);
        if ($change->isZero()) {
            return $this->gapAtTop; // most charts grade alike at every level
        }

        return $this->gapAtTop->plus($change->multipliedBy(BigRational::nd($way, $all)->simplified()));
    }
}

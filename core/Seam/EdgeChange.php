<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;

/** How far a side edge is moved beside the blend, outward positive: in front, and at the back. */
final readonly class EdgeChange
{
    /** Two side seams, each with two edges. */
    public const SIDE_EDGES = 4;

    public function __construct(public Length $front, public Length $back)
    {
    }

    public static function none(): self
    {
        return new self(Length::zero(), Length::zero());
    }

    public function plus(self $other): self
    {
        return new self($this->front->plus($other->front), $this->back->plus($other->back));
    }

    /** Part of the way to another: 0 is this one, 1 the other. */
    public function towards(self $other, BigRational $share): self
    {
        $part = static fn (Length $from, Length $to): Length => $from->plus($to->minus($from)->times($share));

        return new self($part($this->front, $other->front), $part($this->back, $other->back));
    }

    /** What it adds all round: two fronts and two backs. */
    public function round(): Length
    {
        return $this->front->plus($this->front)->plus($this->back)->plus($this->back);
    }

    public function isNone(): bool
    {
        return $this->front->isZero() && $this->back->isZero();
    }

    public function isAlike(): bool
    {
        return $this->front->compare($this->back) === 0;
    }
}

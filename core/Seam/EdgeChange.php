<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/** How far a side edge is moved beside the blend, outward positive: in front, and at the back. */
final readonly class EdgeChange
{
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

    public function isNone(): bool
    {
        return $this->front->isZero() && $this->back->isZero();
    }

    public function isAlike(): bool
    {
        return $this->front->compare($this->back) === 0;
    }
}

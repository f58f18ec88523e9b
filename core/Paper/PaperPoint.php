<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A place on paper: millimetres from the top left corner, y down. */
final readonly class PaperPoint
{
    public function __construct(public float $xMm, public float $yMm)
    {
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->xMm + $xMm, $this->yMm + $yMm);
    }

    public function isAt(self $other): bool
    {
        return $this->xMm === $other->xMm && $this->yMm === $other->yMm;
    }

    /** The place a share of the way to another. */
    public function towards(self $other, float $share): self
    {
        return new self($this->xMm + ($other->xMm - $this->xMm) * $share, $this->yMm + ($other->yMm - $this->yMm) * $share);
    }
}

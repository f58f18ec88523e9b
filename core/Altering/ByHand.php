<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;

/** What a fitting found at one level, for each side edge, outward positive. */
final readonly class ByHand
{
    public function __construct(public EdgeChange $edges)
    {
    }

    public static function none(): self
    {
        return new self(EdgeChange::none());
    }

    public function plus(EdgeChange $found): self
    {
        return new self($this->edges->plus($found));
    }

    /** What it adds all round: two fronts and two backs. */
    public function total(): Length
    {
        return $this->edges->round();
    }
}

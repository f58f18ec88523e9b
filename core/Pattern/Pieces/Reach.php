<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Pattern\Charts\Level;

/** From where to where a piece goes, down the body. */
final readonly class Reach
{
    public function __construct(public ReachEnd $from, public ReachEnd $to)
    {
    }

    public static function between(ReachPlace $from, ReachPlace $to): self
    {
        return new self(new ReachEnd($from), new ReachEnd($to));
    }

    public function holds(Level $level): bool
    {
        return $this->from->position() <= ReachEnd::at($level) && ReachEnd::at($level) <= $this->to->position();
    }

    /** Whether it goes across the middle between two neighbouring levels, where paper is cut to change its length. */
    public function crosses(Level $upper, Level $lower): bool
    {
        $middle = (ReachEnd::at($upper) + ReachEnd::at($lower)) / 2;

        return $this->from->position() < $middle && $middle < $this->to->position();
    }

    /** Whether it lies wholly below the last level: its side edge only goes on from there. */
    public function isBelowHip(): bool
    {
        return $this->from->position() > ReachEnd::at(Level::Hip);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

use Underbolt\Measure\Length;

/** One line of a cup table: the differences, from `from` up to but not including `to`, that make a cup. */
final readonly class CupRange
{
    public function __construct(public string $cup, public Length $from, public Length $to)
    {
    }

    public function holds(Length $difference): bool
    {
        return ! $difference->isLessThan($this->from) && $difference->isLessThan($this->to);
    }

    /** How far the difference lies from the nearer end. */
    public function distance(Length $difference): Length
    {
        return $difference->minus($this->from)->abs()->shorter($difference->minus($this->to)->abs());
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Counts the points of a drawing, and refuses those beyond what any pattern has. */
final class PointBudget
{
    private const MOST = 2_000_000;

    private int $spent = 0;

    /** @throws UnreadableNest */
    public function spend(int $points): void
    {
        $this->spent += $points;
        if ($this->spent > self::MOST) {
            throw UnreadableNest::at('drawing', 'has more than '.number_format(self::MOST, 0, '.', ' ').' points, far more than a pattern piece needs; leave out what is not its lines');
        }
    }
}

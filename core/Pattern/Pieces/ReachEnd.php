<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;

/** Where a piece begins or ends: at a named place, or so far below or above a level. */
final readonly class ReachEnd
{
    /** A little beside a level is nearer to it than half way to the next. */
    private const BESIDE = 0.25;

    /** @param  ?Length  $below  below 0 it lies above the place; null for the place itself */
    public function __construct(public ReachPlace $place, public ?Length $below = null)
    {
    }

    /** In the order from the top down, whole numbers at the named places: only the order counts. */
    public function position(): float
    {
        $beside = $this->below === null || $this->below->isZero() ? 0.0 : ($this->below->isPositive() ? self::BESIDE : -self::BESIDE);

        return $this->place->order() + $beside;
    }

    public static function at(Level $level): float
    {
        return (float) ReachPlace::ofLevel($level)->order();
    }
}

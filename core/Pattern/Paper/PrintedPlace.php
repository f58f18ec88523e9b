<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;

/** Something printed at a place of its own, such as a slit, a notch, a pocket or a pleat: a length or a blend may move it. */
final readonly class PrintedPlace
{
    /**
     * @param  Length  $below  the level; below 0 it lies above
     * @param  list<string>  $pieces  that it is on
     */
    public function __construct(public string $name, public Level $level, public Length $below, public array $pieces)
    {
    }

    /** Whether it lies below a stretch of paper that begins at a level. */
    public function isBelow(Level $upper): bool
    {
        $order = array_search($this->level, Level::cases(), true) <=> array_search($upper, Level::cases(), true);

        return $order > 0 || ($order === 0 && $this->below->isPositive());
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;

/** A depth told from a level. */
final readonly class SeamAt
{
    /** @param  Length  $below  below 0 it lies above the level */
    public function __construct(public Level $level, public Length $below)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** How a bust adjustment is made on the paper. */
enum AdjustmentMethod: string
{
    /** Swung from the armhole's shoulder end and the underarm: front and back grow alike. */
    case Pivot = 'pivot';

    /** Slashed and spread, in front only. */
    case Slash = 'slash';
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** How much of the side seam a piece has. */
enum Reach: string
{
    /** From the underarm to the hem. */
    case Whole = 'whole';

    /** From the underarm to a waist seam, as a bodice. */
    case ToWaist = 'to_waist';

    /** From a waist seam to the hem, as the skirt of a dress. */
    case FromWaist = 'from_waist';
}

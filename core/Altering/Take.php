<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** What becomes of the left-over at a level. */
enum Take: string
{
    /** Drawn into the line that is cut. */
    case InLine = 'in_line';

    /** Sewn in the seam; nothing is drawn. */
    case Sew = 'sew';

    /** Left: the ease carries it, or it is wanted. */
    case Leave = 'leave';

    /** What is done with too much (above 0), or with too little. */
    public static function way(Length $left): string
    {
        return $left->isPositive() ? 'taken in' : 'let out';
    }
}

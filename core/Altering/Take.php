<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** What becomes of the left-over at a level. */
enum Take: string
{
    /** Drawn into the line that is cut. */
    case InLine = 'in_line';

    /** Sewn in the seam; nothing is drawn. */
    case Sew = 'sew';

    /** Left: the ease carries it, or it is wanted. */
    case Leave = 'leave';
}

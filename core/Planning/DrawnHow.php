<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** How the line found its size at a level that isn't measured. */
enum DrawnHow: string
{
    case ByHand = 'by_hand';

    /** Half way between its neighbours. */
    case Between = 'between';

    case LikeAbove = 'like_above';
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What a house draws its sizes as. */
enum LineIs: string
{
    /** Sewn along: the seam allowance lies beyond it. */
    case Stitching = 'stitching';

    /** Cut along: the seam allowance is within. */
    case Cutting = 'cutting';
}

<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** Whether the strip is cut along the seam itself or a seam allowance further out. */
enum StripLine: string
{
    case Seam = 'seam';
    case WithAllowance = 'with_allowance';
}

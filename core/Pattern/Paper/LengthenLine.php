<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

/** A printed line at which the paper may be cut to lengthen or shorten it. */
enum LengthenLine: string
{
    case AboveWaist = 'above_waist';
    case BelowWaist = 'below_waist';
    case Hem = 'hem';
    case Sleeve = 'sleeve';
}

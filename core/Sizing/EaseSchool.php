<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Pattern\Charts\Chart;

/** A way to choose a size at a level once the chart has been read. */
enum EaseSchool: string
{
    /** The size the chart names. */
    case Chart = 'chart';

    /** Intended fit: keep the ease the pattern was drawn with. */
    case Drafted = 'drafted';

    /** The ease this wearer likes there. */
    case Liked = 'liked';
}

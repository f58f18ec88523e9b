<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** Where a measure stands in a chart row. */
enum ChartPosition: string
{
    case On = 'on';
    case Between = 'between';
    case Below = 'below';
    case Above = 'above';
}

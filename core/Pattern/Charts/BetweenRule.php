<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** What to do with a measure that lies between two printed figures. */
enum BetweenRule: string
{
    case Up = 'up';
    case Down = 'down';
    case Nearest = 'nearest';
}

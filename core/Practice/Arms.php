<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** How whoever is measured holds the arms. */
enum Arms: string
{
    case Down = 'down';
    case Up = 'up';
}

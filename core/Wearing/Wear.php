<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

/** How a garment was at one level when it was worn. */
enum Wear: string
{
    case Tight = 'tight';
    case Right = 'right';
    case Loose = 'loose';
}

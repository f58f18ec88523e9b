<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Where on a drawing the middle of the body is. */
enum Side: string
{
    case Left = 'left';
    case Right = 'right';
}

<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** Whether the front has to grow over the bust, to shrink, or neither. */
enum AdjustmentKind: string
{
    case Full = 'full';
    case Small = 'small';
    case None = 'none';
}

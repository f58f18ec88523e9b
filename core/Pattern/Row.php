<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

/** A row that a size chart can have, by its name in the make file. */
enum Row: string
{
    case FullBust = 'full_bust';
    case HighBust = 'high_bust';
    case CrossFront = 'cross_front';
    case Waist = 'waist';
    case Hip = 'hip';
    case Bicep = 'bicep';
}

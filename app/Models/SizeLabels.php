<?php

declare(strict_types=1);

namespace App\Models;

use Underbolt\Planning\Asked\Make;

/** Whether sizes are called by their names, or by the place of their line in the nest. */
enum SizeLabels: string
{
    case Shown = 'shown';
    case Hidden = 'hidden';

    /** The make with its sizes called so. */
    public function on(Make $make): Make
    {
        return $this === self::Hidden ? $make->withLinesCounted() : $make;
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

/** Whether sizes are called by their names, or by the place of their line in the nest. */
enum SizeLabels: string
{
    case Shown = 'shown';
    case Hidden = 'hidden';
}

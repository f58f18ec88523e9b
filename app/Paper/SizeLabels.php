<?php

declare(strict_types=1);

namespace App\Paper;

/** Whether sizes are called by their names on paper, or by the place of their line in the nest. */
enum SizeLabels: string
{
    case Shown = 'shown';
    case Hidden = 'hidden';
}

<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** The two schools of what is done to the paper first. */
enum WorkOrder: string
{
    case BlendFirst = 'blend_first';
    case LengthFirst = 'length_first';
}

<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** Which of the readings of a point counts as its measure. */
enum Counting: string
{
    case Only = 'only';
    case Smallest = 'smallest';
    case Largest = 'largest';
    case Middle = 'middle';
    case Picked = 'picked';
}

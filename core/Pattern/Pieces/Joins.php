<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** How a piece is sewn on at a seam. */
enum Joins: string
{
    case Plain = 'plain';
    case Eased = 'eased';
    case Gathered = 'gathered';
    case Stretched = 'stretched';

    /** Whether it takes up a change of the other edge by itself (common practice, no published source). */
    public function takesUp(): bool
    {
        return $this !== self::Plain;
    }
}

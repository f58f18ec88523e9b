<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** What chooses the frame: shoulder, neck and armhole. */
enum Lead: string
{
    case FullBust = 'full_bust';
    case Cup = 'cup';
    case HighBust = 'high_bust';
    case HighBustAsIs = 'high_bust_as_is';
    case CrossFront = 'cross_front';

    /** Whether plans with this lead can be computed yet. */
    public function isComputed(): bool
    {
        return $this === self::FullBust;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Measure\Point;

/** What chooses the frame: shoulder, neck and armhole. */
enum Lead: string
{
    case FullBust = 'full_bust';
    case Cup = 'cup';
    case HighBust = 'high_bust';
    case HighBustAsIs = 'high_bust_as_is';
    case CrossFront = 'cross_front';

    /** Whether the frame is looked up by itself, so that the bust is adjusted to it. */
    public function fixesFrame(): bool
    {
        return in_array($this, [self::HighBust, self::HighBustAsIs, self::CrossFront], true);
    }

    /** The measure it can't do without. */
    public function point(): Point
    {
        return match ($this) {
            self::FullBust, self::Cup => Point::FullBust,
            self::HighBust, self::HighBustAsIs => Point::HighBust,
            self::CrossFront => Point::CrossFront,
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Point;

/** A height on the body where girths are compared, from the top down. */
enum Level: string
{
    case Bust = 'bust';
    case Waist = 'waist';
    case Hip = 'hip';

    /** The chart row that is read at this level. */
    public function row(): Row
    {
        return match ($this) {
            self::Bust => Row::FullBust,
            self::Waist => Row::Waist,
            self::Hip => Row::Hip,
        };
    }

    /** The point of the body that row speaks of. */
    public function point(): Point
    {
        return match ($this) {
            self::Bust => Point::FullBust,
            self::Waist => Point::Waist,
            self::Hip => Point::Hip,
        };
    }

    /** @return list<self> the other levels, the nearest first, of two as near the upper first */
    public function nearest(): array
    {
        return match ($this) {
            self::Bust => [self::Waist, self::Hip],
            self::Waist => [self::Bust, self::Hip],
            self::Hip => [self::Waist, self::Bust],
        };
    }
}

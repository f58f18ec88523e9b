<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Pattern\Charts\Level;

/** A named end of a piece, from the top down. The hem is an end and no level. */
enum ReachPlace: string
{
    case Shoulder = 'shoulder';
    case Underarm = 'underarm';
    case Waist = 'waist';
    case Hip = 'hip';
    case Hem = 'hem';

    public static function ofLevel(Level $level): self
    {
        return match ($level) {
            Level::Bust => self::Underarm,
            Level::Waist => self::Waist,
            Level::Hip => self::Hip,
        };
    }

    /** The level that lies there; none at shoulder and hem. */
    public function level(): ?Level
    {
        return match ($this) {
            self::Underarm => Level::Bust,
            self::Waist => Level::Waist,
            self::Hip => Level::Hip,
            self::Shoulder, self::Hem => null,
        };
    }

    /** @return int<0, 4> its place in the order from the top down */
    public function order(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}

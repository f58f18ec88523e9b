<?php

declare(strict_types=1);

namespace Underbolt\Practice;

use Underbolt\Measure\Point;

/** A girth that tape practice knows. */
enum TapePoint: string
{
    case HighBust = 'high_bust';
    case Bust = 'bust';
    case Underbust = 'underbust';
    case Waist = 'waist';
    case Hip = 'hip';

    /** The same point on a measure card. */
    public function onCard(): Point
    {
        return $this === self::Bust ? Point::FullBust : Point::from($this->value);
    }

    /** How much of the girth a full breath adds (judgement, no published source). */
    public function breathShare(): float
    {
        return match ($this) {
            self::HighBust, self::Bust, self::Underbust => 0.020,
            self::Waist => 0.015,
            self::Hip => 0.0,
        };
    }

    /** How much of it a tape pulled as tight as it goes takes (likewise). */
    public function pullShare(): float
    {
        return match ($this) {
            self::HighBust, self::Bust, self::Underbust => 0.030,
            self::Waist => 0.040,
            self::Hip => 0.020,
        };
    }
}

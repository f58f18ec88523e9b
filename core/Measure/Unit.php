<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** The two units of a sewing room. */
enum Unit: string
{
    case Centimetre = 'cm';
    case Inch = 'in';

    /**
     * How many nanometres one of this unit is; an inch is exactly 2.54 cm (international yard, 1959).
     *
     * @return positive-int
     */
    public function nanometres(): int
    {
        return match ($this) {
            self::Centimetre => 10_000_000,
            self::Inch => 25_400_000,
        };
    }

    public function words(): string
    {
        return $this === self::Inch ? 'inches' : 'centimetres';
    }
}

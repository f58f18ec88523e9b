<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\LengthKind;

/** A row that a size chart can have, by its name in the make file. */
enum ChartRow: string
{
    case FullBust = 'full_bust';
    case HighBust = 'high_bust';
    case CrossFront = 'cross_front';
    case Waist = 'waist';
    case Hip = 'hip';
    case Bicep = 'bicep';

    /** The front width is no girth: it runs from arm to arm. */
    public function kind(): LengthKind
    {
        return $this === self::CrossFront ? LengthKind::Along : LengthKind::Girth;
    }

    /** Whether its figures tell inches from centimetres: arms and widths look like the other unit's girths. */
    public function tellsUnit(): bool
    {
        return $this !== self::CrossFront && $this !== self::Bicep;
    }

    /** Whether a finished garment is measured there. */
    public function isFinished(): bool
    {
        return in_array($this, [self::FullBust, self::Waist, self::Hip, self::Bicep], true);
    }
}

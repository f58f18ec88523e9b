<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** Which of the chosen sizes a piece is cut in. */
enum Follows: string
{
    /** Neck, shoulder, armhole and all that joins them: sleeve, collar, facings, bands. */
    case Frame = 'frame';

    case Waist = 'waist';

    case Hip = 'hip';

    /** Blended from the waist size to the hip size, like a skirt. */
    case WaistAndHip = 'waist_and_hip';

    /** Blended through every level, like a bodice front that runs to the hip. */
    case AllLevels = 'all_levels';

    /** The same for everybody, like a pocket. */
    case OneSize = 'one_size';

    public function words(): string
    {
        return match ($this) {
            self::Frame => 'the size of neck and shoulders',
            self::Waist => 'the waist size',
            self::Hip => 'the hip size',
            self::WaistAndHip => 'waist and hip sizes, blended',
            self::AllLevels => 'every level, blended',
            self::OneSize => 'one size for all',
        };
    }
}

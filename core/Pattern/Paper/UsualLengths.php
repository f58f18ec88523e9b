<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Unit;

/** How long side seams usually are, to begin with where nobody has measured the tissue yet (common practice, no published source). */
enum UsualLengths: string
{
    case UnderarmToWaist = 'underarm_to_waist';
    case WaistToHip = 'waist_to_hip';

    /** As it would be typed: 20 cm each, or 8 inches. */
    public function typed(Unit $unit): string
    {
        return $unit === Unit::Centimetre ? '20' : '8';
    }

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}

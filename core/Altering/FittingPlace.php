<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Pattern\Charts\Level;

/** Where on the garment a fitting found something, from the top down. */
enum FittingPlace: string
{
    case Neck = 'neck';
    case Shoulder = 'shoulder';
    case Armhole = 'armhole';
    case Sleeve = 'sleeve';
    case Back = 'back';
    case Bust = 'bust';
    case Waist = 'waist';
    case Hip = 'hip';
    case SideSeam = 'side_seam';
    case Princess = 'princess';
    case Inset = 'inset';
    case Hem = 'hem';

    public function words(): string
    {
        return match ($this) {
            self::SideSeam => 'side seam',
            self::Princess => 'princess seam',
            default => $this->value,
        };
    }

    /** @return list<Level> the levels of the side seam that lie there */
    public function levels(): array
    {
        return match ($this) {
            self::Bust, self::Waist, self::Hip => [Level::from($this->value)],
            self::SideSeam => Level::cases(),
            default => [],
        };
    }
}

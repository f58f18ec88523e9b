<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** What is practised, in the order in which it is learnt. */
enum Exercise: string
{
    case Waist = 'waist';
    case Bust = 'bust';
    case Hip = 'hip';
    case FullTummy = 'full_tummy';
    case LowHip = 'low_hip';
    case HighBust = 'high_bust';
    case Underbust = 'underbust';

    public function point(): TapePoint
    {
        return match ($this) {
            self::Waist => TapePoint::Waist,
            self::Bust => TapePoint::Bust,
            self::Hip, self::FullTummy, self::LowHip => TapePoint::Hip,
            self::HighBust => TapePoint::HighBust,
            self::Underbust => TapePoint::Underbust,
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::Waist => 'The waist, by the crease',
            self::Bust => 'The bust, level all round',
            self::Hip => 'The hip, where it is widest',
            self::FullTummy => 'The hip under a full tummy',
            self::LowHip => 'A hip that lies low',
            self::HighBust => 'The high bust, arms down',
            self::Underbust => 'The underbust',
        };
    }

    /** What is to be done. */
    public function task(): string
    {
        return match ($this) {
            self::Waist => 'Lay the tape where the body creases when it bends to the side. Let it bend to find the place.',
            self::Bust => 'Lay it over the fullest part, level from front to back and from side to side.',
            self::Hip => 'Lay it round the widest part of the seat, level.',
            self::FullTummy => 'Lay it round the widest part of the seat. Does the front need a board held against it?',
            self::LowHip => 'The widest part is not where it usually lies. Look for it.',
            self::HighBust => 'Lay it high under the arms and above the fullest part, the arms down.',
            self::Underbust => 'Lay it level right under the fullest part.',
        };
    }

    /** What is asked before it: how somebody laid the tape, for which it is guessed whether it reads more or less. */
    public function asked(): string
    {
        return match ($this) {
            self::Waist => 'Somebody has laid it at the trouser line.',
            self::Bust => 'Somebody has let it droop behind.',
            self::Hip => 'Somebody has laid it too high.',
            self::FullTummy => 'Somebody has laid it without a board.',
            self::LowHip => 'Somebody has laid it where hips usually are.',
            self::HighBust => 'Somebody has measured with the arms up.',
            self::Underbust => 'Somebody has laid it over a jumper.',
        };
    }

    /** The tape that is asked about. */
    public function askedAs(Figure $figure): Placing
    {
        $point = $this->point();
        $own = $figure->heightOf($point);

        return match ($this) {
            self::Waist => new Placing($point, $figure->at['trouser_line']),
            self::Bust => new Placing($point, front: 35.0),
            self::Hip => new Placing($point, $own + 55.0),
            self::FullTummy => new Placing($point, board: false),
            self::LowHip => new Placing($point, $own + 75.0),
            self::HighBust => new Placing($point, armsUp: true),
            self::Underbust => new Placing($point, over: 5.0),
        };
    }

    /** @return list<string> codes of the figures that it is practised on */
    public function figures(): array
    {
        return match ($this) {
            self::FullTummy => ['full-tummy'],
            self::LowHip => ['low-hip'],
            self::Hip => ['slender', 'round', 'shoulder-low', 'sitting'],
            default => ['slender', 'round', 'low-hip', 'shoulder-low', 'sitting'],
        };
    }
}

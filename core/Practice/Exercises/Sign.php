<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;

/** What can be seen of a tape that was laid wrong, one slip at a time. */
enum Sign: string
{
    case TooHigh = 'too_high';
    case TooLow = 'too_low';
    case DroopsBehind = 'droops_behind';
    case DroopsInFront = 'droops_in_front';
    case OneSideHigher = 'one_side_higher';
    case OverJumper = 'over_jumper';
    case Fingers = 'fingers';

    public function words(): string
    {
        return match ($this) {
            self::TooHigh => 'it lies too high',
            self::TooLow => 'it lies too low',
            self::DroopsBehind => 'it droops behind',
            self::DroopsInFront => 'it droops in front',
            self::OneSideHigher => 'one side is higher than the other',
            self::OverJumper => 'it lies over a jumper',
            self::Fingers => 'there are fingers under it',
        };
    }

    /** How it is avoided; null where the guide of the point says it. */
    public function avoided(): ?string
    {
        return match ($this) {
            self::TooHigh, self::TooLow => null,
            self::DroopsBehind, self::DroopsInFront => 'Look from the side, or into a mirror: front and back of the tape are seen together.',
            self::OneSideHigher => 'Look from the front: both sides of the tape are seen together.',
            self::OverJumper => 'What lies under the tape is measured too: take off what will not be worn under the garment.',
            self::Fingers => 'The tape lies close, with nothing under it: the room to move is the pattern\'s part.',
        };
    }

    /** The tape with this slip and no other; at the waist too low is the trouser line. */
    public function placing(TapePoint $point, Figure $figure): Placing
    {
        $own = $figure->heightOf($point);

        return match ($this) {
            self::TooHigh => new Placing($point, min($figure->highest(), $own + 55.0)),
            self::TooLow => new Placing($point, $point === TapePoint::Waist ? $figure->at['trouser_line'] : $own - 55.0),
            self::DroopsBehind => new Placing($point, $own, front: 45.0),
            self::DroopsInFront => new Placing($point, $own, front: -45.0),
            self::OneSideHigher => new Placing($point, $own, left: 45.0),
            self::OverJumper => new Placing($point, $own, over: 8.0),
            self::Fingers => new Placing($point, $own, fingers: 2),
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** What a line on paper is, and so how it is drawn: in grey it has to be told from the others by width and dash. */
enum Pen: string
{
    case Cut = 'cut';
    case Stitch = 'stitch';
    case Printed = 'printed';
    case Grain = 'grain';
    case Level = 'level';
    case Station = 'station';
    case Test = 'test';

    public function widthMm(): float
    {
        return match ($this) {
            self::Cut => 0.8,
            self::Stitch => 0.4,
            self::Printed => 0.25,
            self::Grain, self::Level => 0.35,
            self::Station, self::Test => 0.2,
        };
    }

    /** @return list<float> lengths of dash and gap, in millimetres; none for a line without gaps */
    public function dashMm(): array
    {
        return match ($this) {
            self::Printed => [4.0, 2.0],
            self::Stitch => [1.5, 1.5],
            default => [],
        };
    }

    /** How dark it is: 0 is black, 1 white. */
    public function grey(): float
    {
        return match ($this) {
            self::Printed, self::Station => 0.35,
            default => 0.0,
        };
    }
}

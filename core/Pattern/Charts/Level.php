<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;

/** A height on the body where girths are compared, from the top down. */
enum Level: string
{
    case Bust = 'bust';
    case Waist = 'waist';
    case Hip = 'hip';

    /** What it is called on paper, where the bust's mark lies at the underarm. */
    public function onPaper(): string
    {
        return $this === self::Bust ? 'underarm' : $this->value;
    }

    /** The chart row that is read at this level. */
    public function row(): ChartRow
    {
        return match ($this) {
            self::Bust => ChartRow::FullBust,
            self::Waist => ChartRow::Waist,
            self::Hip => ChartRow::Hip,
        };
    }

    /** The point of the body that row speaks of. */
    public function point(): Point
    {
        return match ($this) {
            self::Bust => Point::FullBust,
            self::Waist => Point::Waist,
            self::Hip => Point::Hip,
        };
    }

    /** The girth that has to pass here: at the hip the thighs too, where they are wider. */
    public function girthOf(Body $body): ?Length
    {
        $girth = $body->at($this->decidingPoint($body));

        return $body->at($this->point()) === null ? null : $girth;
    }

    /** The point of the body whose girth that is. */
    public function decidingPoint(Body $body): Point
    {
        $hip = $body->at(Point::Hip);
        $thighs = $body->at(Point::ThighLevel);

        return $this === self::Hip && $thighs !== null && $hip?->isLessThan($thighs) === true ? Point::ThighLevel : $this->point();
    }

    /** @return list<self> the other levels, the nearest first, of two as near the upper first */
    public function nearest(): array
    {
        return match ($this) {
            self::Bust => [self::Waist, self::Hip],
            self::Waist => [self::Bust, self::Hip],
            self::Hip => [self::Waist, self::Bust],
        };
    }
}

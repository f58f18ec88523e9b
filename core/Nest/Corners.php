<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Where a line turns at once. */
final class Corners
{
    /** From this on a turn is a corner: 20 degrees. */
    public const LEAST_TURN = M_PI / 9;

    /** The turn at an inner point of a line, in radians, to the right positive. */
    public static function turn(Line $line, int $at): float
    {
        $before = atan2($line->y[$at] - $line->y[$at - 1], $line->x[$at] - $line->x[$at - 1]);
        $after = atan2($line->y[$at + 1] - $line->y[$at], $line->x[$at + 1] - $line->x[$at]);

        return atan2(sin($after - $before), cos($after - $before));
    }

    /** @return list<float> the ways to a line's corners and to the ends of an open one */
    public static function of(Line $line): array
    {
        $last = count($line->x) - 1;
        $ways = [];
        for ($i = 1; $i < $last; $i++) {
            if (abs(self::turn($line, $i)) >= self::LEAST_TURN) {
                $ways[] = $line->way[$i];
            }
        }
        if ($line->isClosed) {
            $around = Line::through([[$line->x[$last - 1], $line->y[$last - 1]], [$line->x[0], $line->y[0]], [$line->x[1], $line->y[1]]]);

            return abs(self::turn($around, 1)) >= self::LEAST_TURN ? [0.0, ...$ways] : $ways;
        }

        return [0.0, ...$ways, $line->length()];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Where a line turns at once. */
final class Corners
{
    /** From this on a turn is a corner: 20 degrees. */
    public const LEAST_TURN = M_PI / 9;

    /** Of that turn. */
    private const COSINE = 0.939_692_620_785_908_4;

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
        $ways = self::inner($line->x, $line->y, $line->way);
        if (! $line->isClosed) {
            return [0.0, ...$ways, $line->length()];
        }
        $around = self::inner([$line->x[$last - 1], $line->x[0], $line->x[1]], [$line->y[$last - 1], $line->y[0], $line->y[1]], [0.0, 0.0, 0.0]);

        return [...$around, ...$ways];
    }

    /**
     * Asked of every point of a line: without an angle made of it.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $way
     * @return list<float> the ways to the points between its ends where it turns by so much
     */
    private static function inner(array $x, array $y, array $way): array
    {
        $ways = [];
        [$alongX, $alongY] = [$x[1] - $x[0], $y[1] - $y[0]];
        $square = $alongX * $alongX + $alongY * $alongY;
        for ($i = 1, $last = count($x) - 1; $i < $last; $i++) {
            [$beforeX, $beforeY, $before] = [$alongX, $alongY, $square];
            $alongX = $x[$i + 1] - $x[$i];
            $alongY = $y[$i + 1] - $y[$i];
            $square = $alongX * $alongX + $alongY * $alongY;
            if ($beforeX * $alongX + $beforeY * $alongY <= self::COSINE * sqrt($before * $square)) {
                $ways[] = $way[$i];
            }
        }

        return $ways;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** What a taut tape does: it goes straight from one foremost point to the next. */
final class ConvexHull
{
    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}> its corners, in order round it
     */
    public static function of(array $points): array
    {
        sort($points);
        $lower = self::chain($points);
        $upper = self::chain(array_reverse($points));
        array_pop($lower);
        array_pop($upper);

        return [...$lower, ...$upper];
    }

    /** @param  list<array{float, float}>  $points */
    public static function length(array $points): float
    {
        $corners = self::of($points);
        $length = 0.0;
        $before = $corners[count($corners) - 1] ?? [0.0, 0.0];
        foreach ($corners as $corner) {
            $length += hypot($corner[0] - $before[0], $corner[1] - $before[1]);
            $before = $corner;
        }

        return $length;
    }

    /**
     * @param  list<array{float, float}>  $points  from one side to the other
     * @return list<array{float, float}>
     */
    private static function chain(array $points): array
    {
        $chain = [];
        $count = 0;
        foreach ($points as $point) {
            while ($count >= 2
                && ($chain[$count - 1][0] - $chain[$count - 2][0]) * ($point[1] - $chain[$count - 2][1])
                    - ($chain[$count - 1][1] - $chain[$count - 2][1]) * ($point[0] - $chain[$count - 2][0]) <= 0.0) {
                array_pop($chain);
                $count--;
            }
            $chain[] = $point;
            $count++;
        }

        return $chain;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\Line;

/** The corners of a dashed outline, where no dash reaches: both its edges are drawn on to where they cross. */
final class DashedCorners
{
    /** A corner lies no further from the last dash of an edge, in millimetres. */
    private const FARTHEST_MM = 14.0;

    /** The sine of the flattest corner: 12 degrees. */
    private const LEAST_SINE = 0.2;

    /** No piece has more edges. */
    private const MOST_EDGES = 16;

    /**
     * The one outline that all of some edges make; null where they don't: two sizes are never taken for one.
     *
     * @param  list<Line>  $edges
     */
    public static function closed(array $edges): ?Line
    {
        if (count($edges) < 2 || count($edges) > self::MOST_EDGES || array_filter($edges, static fn (Line $edge): bool => $edge->isClosed) !== []) {
            return null;
        }
        $points = $edges[0]->points();
        $left = array_slice($edges, 1);
        while ($left !== []) {
            $found = self::next($points, $left);
            if ($found === null) {
                return null;
            }
            [$place, $corner, $edge] = $found;
            array_push($points, $corner, ...$edge->points());
            array_splice($left, $place, 1);
        }
        $corner = self::corner(Line::through($points), Line::through($points));

        return $corner === null ? null : Line::through([$corner[1], ...$points, $corner[1]]);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @param  non-empty-list<Line>  $edges
     * @return ?array{int, array{float, float}, Line} which goes on, the corner between, and the edge the way it runs
     */
    private static function next(array $points, array $edges): ?array
    {
        $best = null;
        $nearest = INF;
        foreach ($edges as $place => $edge) {
            foreach ([$edge, $edge->reversed()] as $turned) {
                $corner = self::corner(Line::through($points), $turned);
                if ($corner !== null && $corner[0] < $nearest) {
                    [$nearest, $best] = [$corner[0], [$place, $corner[1], $turned]];
                }
            }
        }

        return $best;
    }

    /** @return ?array{float, array{float, float}} where one line, drawn on at its end, crosses another drawn on at its beginning, and how far that is */
    private static function corner(Line $one, Line $other): ?array
    {
        $end = DashEnd::of($one, true);
        $start = DashEnd::of($other, false);
        [$ax, $ay, $bx, $by] = [cos($end->outward), sin($end->outward), cos($start->outward), sin($start->outward)];
        [$dx, $dy] = [$start->x - $end->x, $start->y - $end->y];
        $cross = $ax * $by - $ay * $bx;
        if (hypot($dx, $dy) > 2 * self::FARTHEST_MM) {
            return null;
        }
        // All but along one another they have no corner.
        if (abs($cross) < self::LEAST_SINE) {
            return null;
        }
        [$far, $otherFar] = [($dx * $by - $dy * $bx) / $cross, ($dx * $ay - $dy * $ax) / $cross];
        if (min($far, $otherFar) < -1.0 || max($far, $otherFar) > self::FARTHEST_MM) {
            return null;
        }

        return [abs($far) + abs($otherFar), [$end->x + $far * $ax, $end->y + $far * $ay]];
    }
}

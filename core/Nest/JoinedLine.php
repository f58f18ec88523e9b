<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Lines drawn in parts, put together where their ends meet. */
final class JoinedLine
{
    /** Ends nearer than this were meant to meet. */
    private const MEET_MM = 0.5;

    /**
     * @param  non-empty-list<Line>  $parts
     * @param  list<array{float, float}>  $near  places that are marked on it
     * @return Line what comes of them that lies nearest to those places; without any the longest
     */
    public static function of(array $parts, array $near = []): Line
    {
        $chains = self::chains($parts);
        $away = static fn (Line $chain): float => array_sum(array_map(static fn (array $place): float => max(Line::SAME_MM, $chain->nearest(...$place)[1]), $near));
        usort($chains, static fn (Line $one, Line $other): int => [round($away($one), 1), $other->length()] <=> [round($away($other), 1), $one->length()]);

        return $chains[0];
    }

    /**
     * @param  non-empty-list<Line>  $parts
     * @return non-empty-list<Line>
     */
    private static function chains(array $parts): array
    {
        $chains = [];
        while ($parts !== []) {
            $chain = array_shift($parts);
            while (! $chain->isClosed && ($next = self::next($chain, $parts)) !== null) {
                [$index, $joined] = $next;
                $chain = $joined;
                array_splice($parts, $index, 1);
            }
            $chains[] = $chain;
        }

        return $chains;
    }

    /**
     * @param  list<Line>  $parts
     * @return ?array{int, Line} the part that goes on nearest to an end, and both together
     */
    private static function next(Line $chain, array $parts): ?array
    {
        $best = null;
        $nearest = self::MEET_MM;
        foreach ($parts as $index => $part) {
            foreach ($part->isClosed ? [] : [$part, $part->reversed()] as $turned) {
                foreach ([[$chain, $turned], [$turned, $chain]] as [$first, $second]) {
                    $gap = self::gap($first, $second);
                    if ($gap <= $nearest) {
                        $nearest = $gap;
                        $best = [$index, $first->followedBy($second)];
                    }
                }
            }
        }

        return $best;
    }

    private static function gap(Line $first, Line $second): float
    {
        $last = count($first->x) - 1;

        return hypot($first->x[$last] - $second->x[0], $first->y[$last] - $second->y[0]);
    }
}

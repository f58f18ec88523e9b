<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;

/** Lines that were drawn as many little ones, dash by dash or piece by piece, made one line each. */
final class Dashes
{
    /** No dash is longer, in millimetres (common practice, no published source). */
    private const LONGEST_MM = 30.0;

    /** So far apart dashes of one line may lie, in millimetres. */
    private const GAP_MM = 2.0;

    /** Dashes follow one another within so many radians: 15 degrees. */
    private const TURN = M_PI / 12;

    /** A dot, or a gap, so short has no direction, in millimetres. */
    private const DOT_MM = 0.3;

    /** Fewer in a row are no dashes. */
    private const LEAST = 3;

    public static function joined(NestDrawing $drawing): NestDrawing
    {
        $groups = [];
        foreach ($drawing->lines as $place => $line) {
            if (count($line->runs) === 1 && ! $line->runs[0]->isClosed && $line->runs[0]->length() <= self::LONGEST_MM) {
                // Dashes of one line look alike and lie in the same groups, whatever each is called.
                $groups[$line->look().'|'.implode('|', array_diff($line->names, [$line->id]))][$place] = $line;
            }
        }
        $lines = $drawing->lines;
        foreach ($groups as $dashes) {
            foreach (count($dashes) < self::LEAST ? [] : self::chains($dashes) as $chain) {
                $lines[$chain[0][0]] = self::one($dashes, $chain);
                foreach (array_slice($chain, 1) as [$place]) {
                    unset($lines[$place]);
                }
            }
        }

        return $drawing->with(array_values($lines));
    }

    /**
     * @param  array<int, DrawnLine>  $dashes
     * @param  non-empty-list<array{int, bool}>  $chain
     */
    private static function one(array $dashes, array $chain): DrawnLine
    {
        $points = [];
        $names = [];
        foreach ($chain as [$place, $isTurned]) {
            $run = $dashes[$place]->runs[0];
            array_push($points, ...($isTurned ? $run->reversed() : $run)->points());
            array_push($names, ...$dashes[$place]->names, ...[$dashes[$place]->id]);
        }
        $first = $dashes[$chain[0][0]];
        $points = self::distinct($points);
        [$start, $end] = [$points[0], $points[count($points) - 1]];
        $around = hypot($start[0] - $end[0], $start[1] - $end[1]) <= self::GAP_MM ? [...$points, $start] : $points;

        return new DrawnLine($first->id, array_values(array_unique($names)), $first->stroke, $first->dash, [Line::through($around)]);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}> without those that stand twice
     */
    private static function distinct(array $points): array
    {
        $kept = [];
        foreach ($points as $point) {
            if ($kept === [] || $point !== $kept[count($kept) - 1]) {
                $kept[] = $point;
            }
        }
        assert($kept !== []);

        return $kept;
    }

    /**
     * @param  array<int, DrawnLine>  $dashes
     * @return list<non-empty-list<array{int, bool}>> which dashes follow one another, and whether each lies the other way round
     */
    private static function chains(array $dashes): array
    {
        $next = self::pairs($dashes);
        $chains = [];
        $seen = [];
        // Lines with two ends first; what is left then goes round.
        foreach ([true, false] as $fromAnEnd) {
            foreach ($dashes as $place => $dash) {
                foreach ([0, 1] as $end) {
                    if (isset($seen[$place]) || ($fromAnEnd && isset($next[2 * $place + $end]))) {
                        continue;
                    }
                    $chain = [];
                    $at = 2 * $place + $end;
                    while ($at !== null && ! isset($seen[intdiv($at, 2)])) {
                        $seen[intdiv($at, 2)] = true;
                        $chain[] = [intdiv($at, 2), $at % 2 === 1];
                        $at = $next[$at ^ 1] ?? null;
                    }
                    if (count($chain) >= self::LEAST) {
                        $chains[] = $chain;
                    }
                }
            }
        }

        return $chains;
    }

    /**
     * Each end goes on at the one that lies best for it. Ends are numbered: twice the dash, and one more for its last point.
     *
     * @param  array<int, DrawnLine>  $dashes
     * @return array<int, int>
     */
    private static function pairs(array $dashes): array
    {
        $ends = [];
        $cells = [];
        foreach ($dashes as $place => $dash) {
            foreach ([0, 1] as $end) {
                $ends[2 * $place + $end] = $at = DashEnd::of($dash->runs[0], $end === 1);
                $cells[$at->cell(self::GAP_MM)][] = 2 * $place + $end;
            }
        }
        $offers = [];
        foreach ($ends as $one => $end) {
            foreach ($end->cellsAround(self::GAP_MM) as $cell) {
                foreach ($cells[$cell] ?? [] as $other) {
                    $cost = $other > $one && $other >> 1 !== $one >> 1 ? self::cost($end, $ends[$other]) : null;
                    if ($cost !== null) {
                        $offers[] = [$cost, $one, $other];
                    }
                }
            }
        }
        usort($offers, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $next = [];
        foreach ($offers as [, $one, $other]) {
            if (! isset($next[$one]) && ! isset($next[$other])) {
                $next[$one] = $other;
                $next[$other] = $one;
            }
        }

        return $next;
    }

    /** How badly one dash goes on at another; null where it doesn't. */
    private static function cost(DashEnd $one, DashEnd $other): ?float
    {
        $gap = hypot($other->x - $one->x, $other->y - $one->y);
        if ($gap > self::GAP_MM) {
            return null;
        }
        $turns = [];
        if ($one->long > self::DOT_MM && $other->long > self::DOT_MM) {
            $turns[] = self::between($one->outward, $other->outward + M_PI);
        }
        if ($gap > self::DOT_MM) {
            $across = atan2($other->y - $one->y, $other->x - $one->x);
            foreach ([[$one, $across], [$other, $across + M_PI]] as [$end, $way]) {
                if ($end->long > self::DOT_MM) {
                    $turns[] = self::between($end->outward, $way);
                }
            }
        }
        $most = $turns === [] ? 0.0 : max($turns);

        return $most <= self::TURN ? $gap + $most : null;
    }

    private static function between(float $one, float $other): float
    {
        return abs(atan2(sin($one - $other), cos($one - $other)));
    }
}

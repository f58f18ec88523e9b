<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\Line;

/** Which of some open lines go on in one another. */
final readonly class Chains
{
    /** A dot, or a gap, so short has no direction, in millimetres. */
    private const DOT_MM = 0.3;

    /** What begins further to the side is another line, in millimetres. */
    private const ASIDE_MM = 0.35;

    /** So many are gone on through: no more dots lie between two dashes of one line. */
    private const STEPS = 4;

    /**
     * @param  float  $gapMm  so far apart the ends of one line may lie
     * @param  float  $turn  within so many radians it goes on
     */
    public function __construct(private float $gapMm, private float $turn)
    {
    }

    /**
     * @param  array<int, Line>  $lines
     * @return list<non-empty-list<array{int, bool}>> which follow one another, and whether each lies the other way round; each once
     */
    public function of(array $lines): array
    {
        $next = $this->pairs($lines);
        $chains = [];
        $seen = [];
        // Those with two ends first; what is left then goes round.
        foreach ([true, false] as $fromAnEnd) {
            foreach (array_keys($lines) as $place) {
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
                    if ($chain !== []) {
                        $chains[] = $chain;
                    }
                }
            }
        }

        return $chains;
    }

    /**
     * The line that a chain is, closed where its ends meet.
     *
     * @param  array<int, Line>  $lines
     * @param  non-empty-list<array{int, bool}>  $chain
     */
    public function joined(array $lines, array $chain): Line
    {
        $points = [];
        foreach ($chain as [$place, $isTurned]) {
            foreach (($isTurned ? $lines[$place]->reversed() : $lines[$place])->points() as $point) {
                if ($points === [] || $point !== $points[count($points) - 1]) {
                    $points[] = $point;
                }
            }
        }
        [$start, $end] = [$points[0], $points[count($points) - 1]];
        $meets = count($chain) > 1 && hypot($start[0] - $end[0], $start[1] - $end[1]) <= $this->gapMm;

        return Line::through($meets ? [...$points, $start] : $points);
    }

    /**
     * Each end goes on at the one that lies best for it. Ends are numbered: twice the line, and one more for its last point.
     *
     * @param  array<int, Line>  $lines
     * @return array<int, int>
     */
    private function pairs(array $lines): array
    {
        $ends = [];
        $cells = [];
        foreach ($lines as $place => $line) {
            foreach ([0, 1] as $end) {
                $ends[2 * $place + $end] = $at = DashEnd::of($line, $end === 1);
                $cells[$at->cell($this->gapMm)][] = 2 * $place + $end;
            }
        }
        $offers = [];
        foreach ($ends as $one => $end) {
            foreach ($end->cellsAround($this->gapMm) as $cell) {
                foreach ($cells[$cell] ?? [] as $other) {
                    $cost = $other > $one && $other >> 1 !== $one >> 1 ? $this->cost($end, $ends[$other]) : null;
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

        return self::withoutForks($next, $offers, $ends);
    }

    /**
     * Where a line could go on in two ways nobody knows which is its own: there it ends, so that none holds two sizes.
     *
     * @param  array<int, int>  $next
     * @param  list<array{float, int, int}>  $offers
     * @param  array<int, DashEnd>  $ends
     * @return array<int, int>
     */
    private static function withoutForks(array $next, array $offers, array $ends): array
    {
        $forked = [];
        foreach ($offers as [, $one, $other]) {
            foreach ([[$one, $other], [$other, $one]] as [$from, $to]) {
                $own = $next[$from] ?? null;
                // A dot has no direction: what lies behind it is come to by its other end.
                if ($own !== null && ! self::isOnTheWay($next, $from, $to) && ! ($ends[$from]->long <= self::DOT_MM && self::isOnTheWay($next, $from ^ 1, $to))
                    && ($ends[$from]->gapTo($ends[$own]) > self::DOT_MM || $ends[$from]->gapTo($ends[$to]) <= self::DOT_MM)) {
                    $forked[$from] = $forked[$own] = true;
                }
            }
        }

        return array_diff_key($next, $forked);
    }

    /**
     * Whether another line is what goes on at an end, or is come to by that, as over a dot between two dashes.
     *
     * @param  array<int, int>  $next
     */
    private static function isOnTheWay(array $next, int $end, int $further): bool
    {
        $at = $end;
        for ($step = 0; $step < self::STEPS; $step++) {
            $to = $next[$at] ?? null;
            if ($to === null || $to >> 1 === $further >> 1) {
                return $to !== null;
            }
            $at = $to ^ 1;
        }

        return false;
    }

    /** How badly one line goes on at another; null where it doesn't. */
    private function cost(DashEnd $one, DashEnd $other): ?float
    {
        $gap = $one->gapTo($other);
        if ($gap > $this->gapMm) {
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
                    $turns[] = $turn = self::between($end->outward, $way);
                    if ($gap * sin($turn) > self::ASIDE_MM) {
                        return null;
                    }
                }
            }
        }
        $most = $turns === [] ? 0.0 : max($turns);

        return $most <= $this->turn ? $gap + $most : null;
    }

    private static function between(float $one, float $other): float
    {
        return abs(atan2(sin($one - $other), cos($one - $other)));
    }
}

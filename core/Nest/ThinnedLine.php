<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A line with no more points than it needs (Douglas and Peucker, 1973). */
final class ThinnedLine
{
    /**
     * @param  float  $withinMm  how far a point that is left out may lie from what stays
     * @return list<array{float, float}>
     */
    public static function points(Line $line, float $withinMm): array
    {
        $last = count($line->x) - 1;
        $kept = [0 => true, $last => true];
        $spans = [[0, $last]];
        while (($span = array_pop($spans)) !== null) {
            [$from, $to] = $span;
            [$farthest, $at] = self::farthest($line, $from, $to);
            if ($farthest > $withinMm) {
                $kept[$at] = true;
                array_push($spans, [$from, $at], [$at, $to]);
            }
        }
        ksort($kept);

        return array_map(static fn (int $i): array => [$line->x[$i], $line->y[$i]], array_keys($kept));
    }

    /** @return array{float, int} how far, and which */
    private static function farthest(Line $line, int $from, int $to): array
    {
        [$x, $y] = [$line->x[$from], $line->y[$from]];
        [$dx, $dy] = [$line->x[$to] - $x, $line->y[$to] - $y];
        $long = hypot($dx, $dy);
        $best = [0.0, $from];
        for ($i = $from + 1; $i < $to; $i++) {
            [$px, $py] = [$line->x[$i] - $x, $line->y[$i] - $y];
            // Beyond its ends a piece is as far away as its end is.
            $along = $long === 0.0 ? 0.0 : ($px * $dx + $py * $dy) / $long;
            $away = match (true) {
                $along <= 0.0 => hypot($px, $py),
                $along >= $long => hypot($px - $dx, $py - $dy),
                default => abs($px * $dy - $py * $dx) / $long,
            };
            if ($away > $best[0]) {
                $best = [$away, $i];
            }
        }

        return $best;
    }
}

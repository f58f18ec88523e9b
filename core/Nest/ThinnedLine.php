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
        $x = $line->x[$from];
        $y = $line->y[$from];
        $dx = $line->x[$to] - $x;
        $dy = $line->y[$to] - $y;
        $square = $dx * $dx + $dy * $dy;
        $farthest = 0.0;
        $which = $from;
        for ($i = $from + 1; $i < $to; $i++) {
            $px = $line->x[$i] - $x;
            $py = $line->y[$i] - $y;
            // Beyond its ends a piece is as far away as its end is.
            $along = $px * $dx + $py * $dy;
            if ($along > 0.0) {
                $share = $along >= $square ? 1.0 : $along / $square;
                $px -= $share * $dx;
                $py -= $share * $dy;
            }
            $away = $px * $px + $py * $py;
            if ($away > $farthest) {
                $farthest = $away;
                $which = $i;
            }
        }

        return [sqrt($farthest), $which];
    }
}

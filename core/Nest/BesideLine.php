<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A line beside another, everywhere as far from it. */
final class BesideLine
{
    /** At a corner it goes no further than so many times the distance. */
    private const MOST_MITRE = 2.0;

    /** @param  float  $outMm  to the left of the way the line runs: of a side seam drawn upright from the underarm down, outward */
    public static function of(Line $line, float $outMm): Line
    {
        $points = [];
        $last = count($line->x) - 1;
        for ($i = 0; $i <= $last; $i++) {
            $before = self::normal($line, max(0, $i - 1));
            $after = self::normal($line, min($last - 1, $i));
            [$x, $y] = [$before[0] + $after[0], $before[1] + $after[1]];
            $square = $x * $x + $y * $y;
            // Along the half of the turn, so much further that both pieces stay as far away.
            $far = $square === 0.0 ? 0.0 : min(2 / $square, self::MOST_MITRE / sqrt($square));
            $points[] = [$line->x[$i] + $outMm * $far * $x, $line->y[$i] + $outMm * $far * $y];
        }

        return Line::through($points);
    }

    /** @return array{float, float} */
    private static function normal(Line $line, int $piece): array
    {
        [$dx, $dy] = [$line->x[$piece + 1] - $line->x[$piece], $line->y[$piece + 1] - $line->y[$piece]];
        $long = hypot($dx, $dy);

        return $long === 0.0 ? [0.0, 0.0] : [$dy / $long, -$dx / $long];
    }
}

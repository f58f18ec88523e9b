<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** Tangents of a curve through points that never swings past them: Fritsch and Butland 1984, at the ends the secant. */
final class Tangents
{
    /**
     * @param  non-empty-list<float>  $x  rising
     * @param  non-empty-list<float>  $y
     * @return non-empty-list<float>
     */
    public static function of(array $x, array $y): array
    {
        $last = count($x) - 1;
        if ($last === 0) {
            return [0.0];
        }
        $secant = static fn (int $i): float => ($y[$i + 1] - $y[$i]) / ($x[$i + 1] - $x[$i]);
        $tangents = [$secant(0)];
        for ($i = 1; $i < $last; $i++) {
            $tangents[] = self::inner($x[$i] - $x[$i - 1], $secant($i - 1), $x[$i + 1] - $x[$i], $secant($i));
        }

        return [...$tangents, $secant($last - 1)];
    }

    /** The weighted harmonic mean of the secants below and above; 0 where they don't go the same way. */
    private static function inner(float $step1, float $below, float $step2, float $above): float
    {
        if ($below * $above <= 0.0) {
            return 0.0;
        }
        [$weight1, $weight2] = [2 * $step2 + $step1, $step2 + 2 * $step1];

        return ($weight1 + $weight2) / ($weight1 / $below + $weight2 / $above);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/** The length of a seam along its curve, by Simpson's rule on the slope; exact lengths end here. */
final class SeamLength
{
    /** Even, so that the middle of each part, where a blend is steepest, is looked at. */
    private const PANELS = 16;

    /**
     * @param  non-empty-list<int>  $breaks  depths in nanometres, rising, between which the slope is smooth
     * @param  callable(float): float  $slope  outward for each step down, at a depth in nanometres
     */
    public static function of(array $breaks, callable $slope): Length
    {
        $length = 0.0;
        foreach (array_slice($breaks, 1) as $index => $end) {
            $length += self::part((float) $breaks[$index], (float) $end, $slope);
        }

        return Length::ofNanometres((int) round($length));
    }

    /**
     * The steepest slope either way.
     *
     * @param  non-empty-list<int>  $breaks
     * @param  callable(float): float  $slope
     */
    public static function steepest(array $breaks, callable $slope): float
    {
        $steepest = 0.0;
        foreach (array_slice($breaks, 1) as $index => $end) {
            for ($panel = 0; $panel <= self::PANELS; $panel++) {
                $steepest = max($steepest, abs($slope($breaks[$index] + ($end - $breaks[$index]) * $panel / self::PANELS)));
            }
        }

        return $steepest;
    }

    /** @param  callable(float): float  $slope */
    private static function part(float $from, float $to, callable $slope): float
    {
        $width = ($to - $from) / self::PANELS;
        $sum = 0.0;
        for ($panel = 0; $panel <= self::PANELS; $panel++) {
            // A break belongs to both sides: each is asked just inside its own.
            $depth = $from + $width * min(max($panel, 1e-9), self::PANELS - 1e-9);
            $weight = $panel === 0 || $panel === self::PANELS ? 1 : ($panel % 2 === 1 ? 4 : 2);
            $sum += $weight * sqrt(1 + $slope($depth) ** 2);
        }

        return $sum * $width / 3;
    }
}

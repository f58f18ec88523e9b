<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Pattern\Cups\CupLetter;

/** Which cup's bust row is read for a cup: its own, or the nearest letter that has one. */
final class CupRow
{
    /**
     * The cup itself as the rows call it.
     *
     * @param  list<array-key>  $printed  the cups that have a row
     */
    public static function named(string $letter, array $printed): ?string
    {
        foreach ($printed as $cup) {
            if (CupLetter::same((string) $cup, $letter)) {
                return (string) $cup;
            }
        }

        return null;
    }

    /**
     * @param  list<array-key>  $printed  the cups that have a row
     * @return ?string null where no cup has one
     */
    public static function nearest(string $letter, array $printed): ?string
    {
        $best = null;
        foreach (array_map(strval(...), $printed) as $cup) {
            $best = $best === null || self::isNearer($cup, $best, $letter) ? $cup : $best;
        }

        return $best;
    }

    /** Of two as near the larger cup. */
    private static function isNearer(string $cup, string $than, string $letter): bool
    {
        $here = CupLetter::place($cup) ?? PHP_INT_MAX;
        $there = CupLetter::place($than) ?? PHP_INT_MAX;
        $wanted = CupLetter::place($letter) ?? 0;

        return [abs($here - $wanted), -$here] < [abs($there - $wanted), -$there];
    }
}

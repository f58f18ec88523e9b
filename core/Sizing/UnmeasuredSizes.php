<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Pattern\Charts\Level;

/** The sizes that the line is drawn in at a waist or hip that has a row but no measure: it lies there all the same. */
final class UnmeasuredSizes
{
    /**
     * A clip set by hand; else, at a waist between two sizes, the one half way between them; else that of the level above.
     *
     * @param  list<string>  $levels  those without a measure
     * @param  non-empty-list<int>  $inPlay  places of the sizes that can be combined, rising
     * @param  callable(Level): ?int  $clip
     */
    public static function drawn(Sizes $sizes, array $levels, array $inPlay, callable $clip): Sizes
    {
        $drawn = $sizes;
        foreach ([Level::Waist, Level::Hip] as $level) {
            $above = $drawn->waist ?? $drawn->bust;
            if (! in_array($level->value, $levels, true) || $above === null) {
                continue;
            }
            $hip = $level === Level::Waist ? $drawn->hip ?? $clip(Level::Hip) : null;
            $drawn = $drawn->with($level, $clip($level) ?? ($hip === null ? $above : self::between($above, $hip, $inPlay)));
        }

        return $drawn;
    }

    /**
     * Half way between two sizes in the list, of two as near the larger.
     *
     * @param  non-empty-list<int>  $inPlay
     */
    private static function between(int $one, int $other, array $inPlay): int
    {
        $place = static fn (int $size): int => (int) array_search($size, $inPlay, true);

        return $inPlay[intdiv($place($one) + $place($other) + 1, 2)];
    }
}

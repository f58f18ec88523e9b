<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Words that were turned into outlines: filled, not drawn with a pen, and small. */
final class Lettering
{
    /** No letter of a pattern is larger, in millimetres (common practice, no published source). */
    private const LARGEST_MM = 40.0;

    /**
     * Whether a shape may be letters: whoever draws with a pen draws lines, so it is none only beside such.
     *
     * @param  array<string, string>  $style
     * @param  list<Line>  $runs
     */
    public static function may(array $style, array $runs): bool
    {
        if (! in_array($style['stroke'] ?? 'none', ['none', 'transparent'], true) || ($style['fill'] ?? '') === 'none') {
            return false;
        }
        foreach ($runs as $run) {
            [$left, $top, $right, $bottom] = $run->box();
            if (! $run->isClosed || max($right - $left, $bottom - $top) > self::LARGEST_MM) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use stdClass;

/** The marks of a drawing that was made larger or smaller, as they are kept. */
final class ScaledMarks
{
    /** What of them are places and heights. */
    private const MEASURED = ['underarm', 'hem', 'armhole_top', 'hem_fold', 'grain', 'frame', 'waist_y', 'hip_y', 'lengthen_y'];

    public static function of(stdClass $marks, float $by): stdClass
    {
        $scaled = clone $marks;
        foreach (self::MEASURED as $key) {
            if (isset($marks->{$key})) {
                $scaled->{$key} = self::scaled($marks->{$key}, $by);
            }
        }

        return $scaled;
    }

    private static function scaled(mixed $value, float $by): mixed
    {
        return match (true) {
            is_int($value), is_float($value) => round($value * $by, 4),
            is_array($value) => array_map(static fn (mixed $one): mixed => self::scaled($one, $by), $value),
            $value instanceof stdClass => (object) array_map(static fn (mixed $one): mixed => self::scaled($one, $by), (array) $value),
            default => $value,
        };
    }
}

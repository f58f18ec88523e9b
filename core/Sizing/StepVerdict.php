<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

/** How hard it is to blend over so many sizes between two neighbouring levels (common practice, no published source). */
enum StepVerdict: string
{
    case None = 'none';
    case Easy = 'easy';
    case Care = 'care';
    case Avoid = 'avoid';

    /** @param  int<0, max>  $sizes */
    public static function over(int $sizes): self
    {
        return match ($sizes) {
            0 => self::None,
            1 => self::Easy,
            2 => self::Care,
            default => self::Avoid,
        };
    }
}

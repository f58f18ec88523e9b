<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A length of a drawing with its unit (CSS: 96 dots to the inch). */
final class SvgLength
{
    private const DOTS = ['' => 1.0, 'px' => 1.0, 'in' => 96.0, 'cm' => 96 / 2.54, 'mm' => 96 / 25.4, 'pt' => 96 / 72, 'pc' => 16.0];

    public const MM_OF_A_DOT = 25.4 / 96;

    /** In dots; null where it isn't a length, or is a share of something else. */
    public static function dots(string $text): ?float
    {
        return preg_match('/^\s*([+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)\s*(px|in|cm|mm|pt|pc|)\s*$/i', $text, $found) === 1
            ? (float) $found[1] * self::DOTS[strtolower($found[2])]
            : null;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Typed;

use stdClass;

/** How large a document may be that is kept as it was typed: from a form and from a file alike. */
final class TypedLimits
{
    public const TOO_MUCH = 'is more than a pattern holds: at most 60 sizes, and '.Node::LONGEST_TEXT.' letters in a cell';

    private const DEEPEST = 6;

    private const WIDEST = 80;

    /** @param  mixed  $document as `json_decode` gives it, objects as arrays or not */
    public static function hold(mixed $document): bool
    {
        return self::fits($document, self::DEEPEST);
    }

    private static function fits(mixed $value, int $depth): bool
    {
        if (is_string($value)) {
            return mb_strlen($value) <= Node::LONGEST_TEXT;
        }
        $parts = $value instanceof stdClass ? get_object_vars($value) : $value;
        if (! is_array($parts)) {
            return true;
        }
        if ($depth === 0 || count($parts) > self::WIDEST) {
            return false;
        }
        foreach ($parts as $part) {
            if (! self::fits($part, $depth - 1)) {
                return false;
            }
        }

        return true;
    }
}

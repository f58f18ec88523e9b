<?php

declare(strict_types=1);

namespace Underbolt\Work;

/** Where a piece lies, as its name tells. */
enum PieceSide
{
    case Front;
    case Back;
    case Both;

    public static function of(string $name): self
    {
        $front = preg_match('/\bfront\b/i', $name) === 1;
        $back = preg_match('/\bback\b/i', $name) === 1;

        return match (true) {
            $front === $back => self::Both,
            $front => self::Front,
            default => self::Back,
        };
    }
}

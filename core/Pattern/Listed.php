<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

/** Several things as a sentence lists them: `12`, `12 and 14`, `12, 14 and 16`. */
final class Listed
{
    /** @param  non-empty-list<string>  $things */
    public static function of(array $things): string
    {
        $last = array_pop($things);

        return $things === [] ? $last : implode(', ', $things)." and {$last}";
    }
}

<?php

declare(strict_types=1);

namespace App\Records;

/** What a file is called by the names of what is in it, in whatever script they are written. */
final class FileName
{
    /** Of letters; a system takes 255 bytes, of which one letter may need four. */
    private const LONGEST = 50;

    /** Small letters and figures, all else a dash: `merrin-tolvane-causeway-dress-114`. */
    public static function of(string ...$names): string
    {
        $plain = (string) preg_replace('/[^\p{L}\p{M}\p{N}]+/u', '-', mb_strtolower(mb_scrub(implode(' ', $names))));

        return trim(mb_substr(trim($plain, '-'), 0, self::LONGEST), '-');
    }
}

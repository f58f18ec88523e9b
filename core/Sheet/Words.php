<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

/** The words of a label, bared of case, accents and marks, so that they can be compared. */
final class Words
{
    private const BARE = [
        'ä' => 'a', 'ö' => 'o', 'ü' => 'u', 'ß' => 'ss', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'à' => 'a', 'â' => 'a',
        'ç' => 'c', 'î' => 'i', 'ï' => 'i', 'ô' => 'o', 'û' => 'u', 'œ' => 'oe', '’' => "'",
    ];

    public static function plain(string $text): string
    {
        $bare = strtr(mb_strtolower($text), self::BARE);

        return trim(preg_replace('/[^a-z0-9]+/', ' ', $bare) ?? '');
    }
}

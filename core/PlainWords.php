<?php

declare(strict_types=1);

namespace Underbolt;

/** The words of a label, bared of case, accents and marks, so that they can be compared. */
final class PlainWords
{
    private const BARE = [
        'ä' => 'a', 'ö' => 'o', 'ü' => 'u', 'ß' => 'ss', 'é' => 'e', 'è' => 'e', 'ê' => 'e', 'ë' => 'e', 'à' => 'a', 'â' => 'a', 'á' => 'a',
        'ã' => 'a', 'å' => 'a', 'æ' => 'ae', 'ç' => 'c', 'ć' => 'c', 'î' => 'i', 'ï' => 'i', 'í' => 'i', 'ì' => 'i', 'ł' => 'l', 'ń' => 'n',
        'ñ' => 'n', 'ô' => 'o', 'ó' => 'o', 'ò' => 'o', 'õ' => 'o', 'ø' => 'o', 'û' => 'u', 'ú' => 'u', 'ù' => 'u', 'ą' => 'a', 'ę' => 'e',
        'ś' => 's', 'ż' => 'z', 'ź' => 'z', 'œ' => 'oe', '’' => "'",
    ];

    public static function plain(string $text): string
    {
        $bare = strtr(mb_strtolower($text), self::BARE);

        return trim(preg_replace('/[^a-z0-9]+/', ' ', $bare) ?? '');
    }
}

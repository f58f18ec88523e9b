<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/** The groups of sizes that charts print one under the other, each with sizes of its own. */
final class RangeWords
{
    /** Bared as `PlainWords::plain` leaves them; the longer names first. */
    private const GROUPS = [
        'misses petite', 'miss petite', 'womens petite', 'half sizes', 'plus sizes', 'plus size', 'misses', 'miss', 'womens', 'women s', 'women', 'ladies', 'plus', 'curve', 'curvy',
        'petite', 'petites', 'tall', 'regular', 'standard sizes', 'junior', 'juniors', 'teens', 'girls', 'boys', 'men', 'mens', 'men s', 'children', 'children s', 'toddlers', 'unisex',
        'damen', 'herren', 'kinder', 'grosse grossen', 'kurzgrossen', 'langgrossen', 'femme', 'homme', 'enfant', 'grandes tailles', 'grande taille', 'dames', 'heren', 'grote maten',
    ];

    /** Bytes; no title is longer. */
    private const LONGEST = 200;

    /** The words that may stand beside a group without its being about something else. */
    private const BESIDE = ['size', 'sizes', 'range', 'sizing', 'chart', 'grossen', 'tailles', 'maten', 'us', 'uk', 'eu'];

    /**
     * The group that a line names: `Misses` of `MISSES' SIZES 6-16`. Null where it names none, or speaks of other things.
     *
     * @param  bool  $isAlone  whether nothing else may stand in it
     */
    public static function in(string $label, bool $isAlone = true): ?string
    {
        $words = strlen($label) > self::LONGEST ? '' : self::words($label);
        foreach (self::GROUPS as $group) {
            if (! str_contains(" {$words} ", " {$group} ")) {
                continue;
            }
            $rest = array_diff(explode(' ', str_replace(" {$group} ", ' ', " {$words} ")), self::BESIDE, ['', 's']);
            if ($isAlone && $rest !== []) {
                return null;
            }

            return self::printed($label, $group);
        }

        return $words !== '' && preg_match('/^\s*(?:envelope|range|umschlag|pochette|enveloppe)\s+(?<name>[A-Z0-9]{1,3})\b/i', $label, $part) === 1 ? trim($part[0]) : null;
    }

    /** Plain words without the group that they name. */
    public static function without(string $plain): string
    {
        foreach (self::GROUPS as $group) {
            if (str_contains(" {$plain} ", " {$group} ")) {
                return trim(str_replace(" {$group} ", ' ', " {$plain} "));
            }
        }

        return $plain;
    }

    /** Without its span of sizes and what stands in brackets. */
    private static function words(string $label): string
    {
        $bare = (string) preg_replace(['/[(\[][^)\]]*[)\]]/', '/\b\d{1,2}[WX]?\s*(?:-|to|bis)\s*\d{1,2}[WXL]?\b/i', '/\b[X\d]{0,3}[SML]\s*(?:-|to)\s*[X\d]{0,3}[SML]\b/'], ' ', $label);

        return PlainWords::plain(str_replace(["'", '’'], '', $bare));
    }

    /** The group as the label writes it, with a capital. */
    private static function printed(string $label, string $group): string
    {
        $pattern = '/\b'.implode("['’]?\s?['’]?", str_split(str_replace(' ', '', $group))).'/iu';
        $found = preg_match($pattern, str_replace('’', "'", $label), $part) === 1 ? $part[0] : $group;

        return ucfirst((string) preg_replace("/ sizes?$|'$/", '', mb_strtolower($found)));
    }
}

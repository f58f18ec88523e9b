<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

/** What the lines of a nest are called where the names of the sizes are hidden: `the third line from the inside`. */
final class CountedLines
{
    private const ORDINALS = [
        'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth', 'eleventh', 'twelfth',
    ];

    /** @return non-empty-list<string> one for each size of the pattern, counted within the lines that are drawn together */
    public static function of(Pattern $pattern): array
    {
        $drafts = $pattern->drafts();
        $names = [];
        foreach ($drafts as $nest => $draft) {
            $of = count($drafts) > 1 ? ' of the '.self::ordinal($nest).' set' : '';
            foreach ($pattern->sizesOfDraft($draft) as $line => $size) {
                $names[$size] ??= 'the '.self::ordinal($line)." line from the inside{$of}";
            }
        }

        return array_map(static fn (int $size): string => $names[$size] ?? 'the '.self::ordinal($size).' line from the inside', array_keys($pattern->sizes));
    }

    /**
     * The same where there is no room for words: `3rd`.
     *
     * @return non-empty-list<string>
     */
    public static function short(Pattern $pattern): array
    {
        $places = [];
        foreach ($pattern->drafts() as $draft) {
            foreach ($pattern->sizesOfDraft($draft) as $line => $size) {
                $places[$size] ??= $line;
            }
        }

        return array_map(static fn (int $size): string => self::numbered($places[$size] ?? $size), array_keys($pattern->sizes));
    }

    /** @param  int<0, max>  $place  from 0 */
    private static function ordinal(int $place): string
    {
        return self::ORDINALS[$place] ?? self::numbered($place);
    }

    /** @param  int<0, max>  $place  likewise */
    private static function numbered(int $place): string
    {
        $number = $place + 1;
        $ending = in_array($number % 100, [11, 12, 13], true) ? 'th' : (['th', 'st', 'nd', 'rd'][$number % 10] ?? 'th');

        return "{$number}{$ending}";
    }
}

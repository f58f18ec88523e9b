<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/** What the words of a title mean for the rows below it. A title need not be understood word for word; a sentence is none. */
final class HeadingWords
{
    /** No title has more words. */
    private const LONGEST = 9;

    /** In so short a title the garment's own name changes nothing: "Finished dress". */
    private const SHORT = 3;

    /** Words of a title that change nothing of what it says. */
    private const BESIDE = ['', 'by', 'for', 'and', 'cup', 'cups', 'korbchen', 'bonnet', 'bonnets'];

    /** What stands beside a group of sizes in a title that decides. */
    private const MEASURES = '/\bmeasurements?\b/i';

    public static function of(string $label, RowName $words): Heading
    {
        [$of, $rest] = (new PartNames([], []))->viewAndFit($label);
        $decides = self::decides($label);
        $isSentence = self::isSentence($label);
        $range = $isSentence ? null : RangeWords::in($decides ? (string) preg_replace(self::MEASURES, ' ', $rest) : $rest, isAlone: ! $decides);

        return new Heading(
            text: mb_strimwidth(trim($label), 0, 40, '…'),
            finished: $decides ? $words->finished === true : null,
            of: $isSentence ? [] : $of,
            cup: $decides || $rest === '' || $words->cups !== [] ? $words->cups[0] ?? null : null,
            isHalf: $decides && $words->isHalf,
            unit: $words->unit,
            isMillimetres: RowName::isMillimetres($label),
            range: $range,
            isSentence: $isSentence,
            unknown: $decides ? self::unknownIn($rest) : '',
        );
    }

    /** Whether the words say which chart this is: "Finished garment measurements", "2. Fertigmaße Kleid", never a sentence. */
    public static function decides(string $label): bool
    {
        $plain = self::plain($label);
        $words = explode(' ', $plain);
        if (self::isSentence($label) || count($words) > self::LONGEST || self::says($plain) === null) {
            return false;
        }
        $measures = [...RowWords::MEASURES, ...explode(' ', implode(' ', RowWords::NAMES['full_bust']))];
        [, $rest] = (new PartNames([], []))->viewAndFit($label);

        $unknown = self::unknownIn($rest);

        // A house or a title may be called after a garment or what is finished: only what it says of one decides.
        return array_intersect($words, $measures) !== [] || $unknown === '' || (count($words) <= self::SHORT && in_array($unknown, RowWords::GARMENTS, true));
    }

    /** Whether the words say of the chart that it is finished (true) or the body's (false). "Body" wins: a table of body measurements may speak of the finished garment. */
    public static function says(string $words): ?bool
    {
        $all = explode(' ', $words);

        return match (true) {
            array_intersect($all, RowWords::BODY) !== [] => false,
            array_intersect($all, RowWords::FINISHED) !== [] => true,
            in_array('your', $all, true), str_contains(" {$words} ", ' to fit ') => false,
            in_array('actual', $all, true) => true,
            default => null,
        };
    }

    private static function isSentence(string $label): bool
    {
        $outside = (string) preg_replace('/[(\[][^)\]]*[)\]]/', ' ', $label);

        return preg_match('/[.!?]\s*$|[,;:]\s+\p{L}.*[.,;:]\s+\p{L}/u', $outside) === 1
            || array_intersect(explode(' ', self::plain($label)), RowWords::OF_SENTENCES) !== [];
    }

    /** What stands in a heading that nothing is known of; empty where all is understood. */
    private static function unknownIn(string $label): string
    {
        $words = explode(' ', RangeWords::without((string) preg_replace(RowName::CUP, ' ', self::plain($label))));
        $names = explode(' ', implode(' ', array_merge(...array_values(RowWords::NAMES))));

        return implode(' ', array_diff($words, RowWords::FINISHED, RowWords::BODY, RowWords::NOISE, RowWords::HALVES, $names, self::BESIDE));
    }

    /** A heading without its number, and without what stands in brackets. */
    private static function plain(string $label): string
    {
        return PlainWords::plain((string) preg_replace(['/^\s*\d{1,2}\s*[.):]\s*/', '/[(\[](?![^)\]]*(?:flat|half|double))[^)\]]*[)\]]/i'], ' ', $label));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\PlainWords;

/**
 * What a row of a pasted chart is about, by its usual names.
 *
 * Only a whole name counts: "waist" is the waist, "waist to hip" is not.
 */
final readonly class RowName
{
    private const LETTERS = '[a-k]{1,3}';

    private const CUP_WORD = '(?:cup|korbchen|bonnet|copa|coppa|kupa)';

    /** `C cup`, `cup C`, `A/B cup`. */
    public const CUP = '/\b'.self::CUP_WORD.'\s+(?<a>'.self::LETTERS.')(?:\s(?<b>'.self::LETTERS.'))?\b|\b(?<c>'.self::LETTERS.')(?:\s(?<d>'
        .self::LETTERS.'))?\s+'.self::CUP_WORD.'\b/';

    /** `Bust (DD)`, `Bust C`: a letter alone in brackets may also be one of a diagram. */
    private const BUST_LETTER = '/\bbust(?:[\s,]*(?<bracket>[(\[])|[\s,]+)(?<a>[A-K]{1,3})[)\]]?$/i';

    /** What a line of a diagram is called: `A Bust`, `1. Bust`, `a) Bust`, `Bust [1]`, `Bust (A)`. */
    private const MARK = '/^\s*[(\[]?(?:[A-Za-z]|\d{1,2})[.):\]]\s*(?=\p{L})|^\s*(?:[A-Z]|\d{1,2})\s+(?:-\s+)?(?=\p{L}{3})|\s*[(\[](?:[A-Za-z]|\d{1,2})[)\]]\s*$/u';

    /** What in brackets makes a row a length. */
    private const LENGTH = '/[(\[][^)\]]*\b(?:floor|ground|nape|depth|length|hem|boden|nacken|tiefe|lange|sol|longueur|profondeur)\b[^)\]]*[)\]]/iu';

    private const HALF = '/\b(?:pit to pit|armpit to armpit|half|halbe|halber|1 2|laid flat|flat|demi)\b|(?<!cross )\bacross\b(?! front)/';

    /**
     * @param  ?ChartPlace  $place  null where no row of a chart is meant for sure
     * @param  list<string>  $cups  the cups that the row is for; empty where it is for all
     * @param  ?bool  $finished  what the words say of the chart; null where they don't
     * @param  ?Unit  $unit  the unit the words name first; null where they name none
     * @param  bool  $isHalf  whether the figures are half girths
     * @param  bool  $isFaint  whether a heading says more of the chart than the words do: "to fit", "actual"
     */
    private function __construct(public ?ChartPlace $place, public array $cups, public ?bool $finished, public ?Unit $unit, public bool $isHalf, public bool $isFaint)
    {
    }

    /** So many names are remembered: a chart asks of each of its labels several times over, and a text that is none of every word. */
    private const REMEMBERED = 4_000;

    /** A longer text names no row. */
    private const LONGEST = 200;

    /** @param  bool  $lettersAreCups  whether a single letter in brackets behind "bust" is a cup */
    public static function of(string $label, bool $lettersAreCups = false): self
    {
        if (strlen($label) > self::LONGEST) {
            return new self(null, [], null, null, false, false);
        }
        /** @var array<string, self> $read */
        static $read = [];
        if (count($read) >= self::REMEMBERED) {
            $read = [];
        }

        return $read[($lettersAreCups ? '1' : '0').$label] ??= self::reading($label, $lettersAreCups);
    }

    private static function reading(string $label, bool $lettersAreCups): self
    {
        $known = array_filter(explode(' ', PlainWords::plain($label)), self::mayBegin(...));
        if ($known === []) {
            return new self(null, [], null, self::unit($label), false, true);
        }
        $label = str_replace('½', ' 1/2 ', $label);
        $cups = self::cups($label, $lettersAreCups);
        $unmarked = $cups === [] ? (string) preg_replace(self::MARK, ' ', $label) : $label;
        // Alone "taille" may be the French word for size; a line of a diagram is a girth.
        $words = PlainWords::plain($unmarked === $label ? $label : "{$unmarked} girth");
        $isHalf = preg_match(self::HALF, $words) === 1 && preg_match('/\bacross front\b/', $words) !== 1;
        // From armpit to armpit lies a garment, not a body.
        $finished = HeadingWords::says($words) ?? (preg_match('/\b(?:arm)?pit to (?:arm)?pit\b/', $words) === 1 ? true : null);
        // A remark in brackets, such as "(9 in below the waist)", is no part of the name; "(high)" is.
        $outside = PlainWords::plain((string) preg_replace('/[(\[][^)\]]*[)\]]/', ' ', $unmarked));
        $row = self::row($words) ?? (self::isRemark($unmarked) ? self::row($outside) : null) ?? self::inTwoLanguages($unmarked);
        if ($row === ChartRow::Bicep && in_array(self::bare($words), RowWords::SLEEVE_WIDTHS, true)) {
            $finished ??= true;
        }
        $row ??= $cups !== [] && self::bare($words) === '' ? ChartRow::FullBust : null;
        $row = $row instanceof ChartRow && preg_match(self::LENGTH, $label) === 1 ? null : $row;
        $place = $row === null ? null : new ChartPlace($finished === true && $row instanceof ChartRow, $row, $row === ChartRow::FullBust ? $cups[0] ?? null : null);

        return new self($place?->exists() === true ? $place : null, $row === ChartRow::FullBust ? $cups : [], $finished, self::unit($label), $isHalf, array_intersect(explode(' ', $words), [...RowWords::BODY, ...RowWords::FINISHED]) === []);
    }

    /** A letter in brackets behind "bust" that may be a cup or one of a diagram; null where there is none. */
    public static function bracketLetter(string $label): ?string
    {
        return preg_match(self::BUST_LETTER, trim($label), $found) === 1 && $found['bracket'] !== '' ? strtoupper($found['a']) : null;
    }

    private static function isRemark(string $label): bool
    {
        return preg_match('/[(\[]\s*(?:under|unter|sous|high|upper|hoch|haut)\b/i', $label) !== 1;
    }

    /** `Oberweite / Bust`: two names of one row. */
    private static function inTwoLanguages(string $label): ChartRow|LengthRow|null
    {
        $parts = preg_split('/\s*\/\s*|\s+-\s+/', $label);
        $parts = $parts === false ? [] : $parts;
        $rows = array_map(static fn (string $part): ChartRow|LengthRow|null => self::row(PlainWords::plain($part).' girth'), $parts);

        return count($parts) > 1 && count(array_unique($rows, SORT_REGULAR)) === 1 ? $rows[0] : null;
    }

    private static function row(string $words): ChartRow|LengthRow|null
    {
        // Alone it may be the French word for size.
        if (self::bare($words) === 'taille') {
            return $words === 'taille' ? null : ChartRow::Waist;
        }
        foreach ([self::bare($words, keep: true), self::bare($words)] as $bare) {
            $row = self::rows()[$bare] ?? null;
            if ($row !== null) {
                return $row;
            }
        }

        return null;
    }

    /** Whether a word can stand in the name of a row at all: a text that is no chart is seen through quickly. */
    public static function mayBegin(string $word): bool
    {
        /** @var array<string, int> $known */
        static $known = [];
        if ($known === []) {
            $known = array_flip([...explode(' ', implode(' ', array_merge(...array_values(RowWords::NAMES), ...array_values(RowWords::LENGTHS)))), ...RowWords::FINISHED, ...RowWords::BODY, ...RowWords::NOISE]);
        }
        $plain = PlainWords::plain($word);

        return strlen($plain) < 2 || isset($known[explode(' ', $plain)[0]]) || preg_match('/\d|cup|korb|bonnet|half|halb|demi|across/', $plain) === 1;
    }

    /** @return array<string, ChartRow|LengthRow> by whole name */
    private static function rows(): array
    {
        /** @var array<string, ChartRow|LengthRow> $rows */
        static $rows = [];
        if ($rows === []) {
            foreach (RowWords::NAMES as $row => $names) {
                $rows += array_fill_keys($names, ChartRow::from($row));
            }
            foreach (RowWords::LENGTHS as $row => $names) {
                $rows += array_fill_keys($names, LengthRow::from($row));
            }
        }

        return $rows;
    }

    /** The name without what says which chart, cup or unit it is of. */
    private static function bare(string $words, bool $keep = false): string
    {
        $bare = (string) preg_replace([self::CUP, self::HALF, '/(?<=\bbust) [a-k]{1,3}$/'], [' ', ' ', ''], $words);
        foreach ($keep ? RowWords::KEPT : [] as $kept) {
            $bare = str_replace($kept, strtr($kept, ' ', '_'), $bare);
        }
        $left = array_diff(explode(' ', $bare), RowWords::FINISHED, RowWords::BODY, RowWords::NOISE, ['']);

        return strtr(implode(' ', $left), '_', ' ');
    }

    /** @return list<string> as they are known here */
    private static function cups(string $label, bool $lettersAreCups): array
    {
        $letters = [];
        if (preg_match(self::CUP, PlainWords::plain($label), $found, PREG_UNMATCHED_AS_NULL) === 1) {
            $letters = [$found['a'], $found['b'], $found['c'], $found['d']];
        } elseif (preg_match(self::BUST_LETTER, trim($label), $found) === 1) {
            $isCup = $lettersAreCups || $found['bracket'] === '' || strlen($found['a']) > 1;
            $letters = $isCup ? [$found['a']] : [];
        }
        $known = array_map(CupLetter::written(...), array_filter($letters, static fn (?string $letter): bool => $letter !== null));

        return array_values(array_filter($known, static fn (?string $cup): bool => $cup !== null));
    }

    /** Whether the words name millimetres. */
    public static function isMillimetres(string $label): bool
    {
        return preg_match('/\bmm\b|\bmillimet(?:re|er)s?\b/i', $label) === 1;
    }

    /** "in" is also a word of three of the languages: it is a unit only at the end, in brackets, or before a bracket; a mark of inches likewise, since titles stand in such marks. */
    private static function unit(string $label): ?Unit
    {
        $found = [];
        if (preg_match('/\b(?:cm|centimet(?:re|er)s?)\b/i', $label, $cm, PREG_OFFSET_CAPTURE) === 1) {
            $found[$cm[0][1]] = Unit::Centimetre;
        }
        if (preg_match('/\b(?:inch(?:es)?|zoll|pouces|duim)\b|\bin\b\s*(?=$|[)\].(\/])|[(\[]\s*"\s*[)\]]|^[^"]*\s"\s*$/i', $label, $inch, PREG_OFFSET_CAPTURE) === 1) {
            $found[$inch[0][1]] = Unit::Inch;
        }
        ksort($found);

        return array_values($found)[0] ?? null;
    }
}

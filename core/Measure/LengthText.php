<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/** Reads a length as a person types it: `37 3/4`, `37-3/4`, `37¾`, `37.75`, `95,5`, `95.5 cm`, `37"`, `5'6"`. */
final class LengthText
{
    /** Nobody needs more for one figure; keeps a pasted page out. */
    private const LONGEST = 40;

    /** More digits before the point than any garment has, and few enough for an exact int. */
    private const MOST_DIGITS = 6;

    private const FRACTION_SIGNS = [
        '½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8',
        '⅝' => ' 5/8', '⅞' => ' 7/8', '⅓' => ' 1/3', '⅔' => ' 2/3', '⁄' => '/',
    ];

    private const SAME_MEANING = [
        "\u{00A0}" => ' ', "\u{2009}" => ' ', "\u{202F}" => ' ',
        '−' => '-', '–' => '-', '—' => '-',
        '″' => '"', '”' => '"', '“' => '"', '′′' => '"', "''" => '"', '’’' => '"',
        '′' => "'", '’' => "'", '‘' => "'",
    ];

    private const FOOT_NM = 304_800_000;

    private const UNITS = [
        'cm' => 10_000_000, 'mm' => 1_000_000, 'm' => 1_000_000_000,
        'in' => 25_400_000, 'inch' => 25_400_000, 'inches' => 25_400_000, '"' => 25_400_000,
        'yd' => 914_400_000, 'yds' => 914_400_000, 'yard' => 914_400_000, 'yards' => 914_400_000,
    ];

    /** Feet, and inches beside them or not: `5'6"`, `5' 6 1/2`, `5 ft 6 in`. */
    private const FEET = '/^(\d{1,2})\s*(?:\'|ft\.?|feet|foot)\s*(?:(\d[\d.,\/\s-]*?)\s*(?:"|in\.?|inch|inches)?)?$/u';

    /** The word of the unit that a text names, such as `cm`, `"` or `yd`, `'` for feet and inches; null where it names none. */
    public static function unitWord(string $typed): ?string
    {
        $text = self::plain($typed);
        if (preg_match(self::FEET, $text) === 1) {
            return "'";
        }

        return preg_match('/([a-z"\']+)\s*\.?$/', $text, $word) === 1 ? $word[1] : null;
    }

    /** Whether a text says which unit it is in, so that it means the same in whatever file it stands. */
    public static function namesUnit(string $typed): bool
    {
        return self::unitWord($typed) !== null;
    }

    /** How many nanometres a unit's word stands for; null for any other word. */
    public static function unitNanometres(string $word): ?int
    {
        return self::UNITS[strtolower($word)] ?? null;
    }

    /** The text with its unit said, where it names none. */
    public static function worded(string $typed, Unit $unit): string
    {
        return trim($typed) === '' || self::namesUnit($typed) ? $typed : "{$typed} {$unit->value}";
    }

    /** @throws UnreadableLength */
    public static function read(string $typed, Unit $unit): Length
    {
        $text = self::normalised($typed);
        if (preg_match(self::FEET, $text, $part) === 1) {
            $inches = ($part[2] ?? '') === '' ? 0 : self::magnitude($typed, trim($part[2]), self::UNITS['in']);

            return Length::ofNanometres((int) $part[1] * self::FOOT_NM + $inches);
        }
        if (preg_match('/^([+-]?)\s*([\d.,\/\s-]*?)\s*([^\d.,\/\s-][^\d]*)?$/u', $text, $part) !== 1 || $part[2] === '') {
            throw UnreadableLength::notANumber($typed);
        }
        $nanometres = self::magnitude($typed, $part[2], self::unitOf($typed, $part[3] ?? null, $unit));

        return Length::ofNanometres($part[1] === '-' ? -$nanometres : $nanometres);
    }

    private static function normalised(string $typed): string
    {
        if (strlen($typed) > self::LONGEST) {
            throw UnreadableLength::tooLong(mb_strcut($typed, 0, self::LONGEST));
        }
        $text = self::plain($typed);

        return $text === '' ? throw UnreadableLength::empty() : $text;
    }

    /** In small letters, with one sign for each meaning, and fractions written out: `37¾″` is `37 3/4"`. */
    public static function plain(string $typed): string
    {
        return strtolower(trim(strtr($typed, self::FRACTION_SIGNS + self::SAME_MEANING)));
    }

    private static function unitOf(string $typed, ?string $word, Unit $unit): int
    {
        if ($word === null) {
            return $unit->nanometres();
        }
        $word = rtrim($word, " .\t");

        return self::UNITS[$word]
            ?? throw (preg_match('/^\d/', ltrim($typed, ' +-')) === 1
                ? UnreadableLength::unknownUnit($typed, $word)
                : UnreadableLength::notANumber($typed));
    }

    private static function magnitude(string $typed, string $number, int $unitNanometres): int
    {
        if (preg_match('/^(\d*)[.,](\d+)$|^(\d+)$/', $number, $part) === 1) {
            return self::decimal($typed, $part[3] ?? $part[1], $part[2], $unitNanometres);
        }
        if (preg_match('/^(?:(\d+)(?:\s+|\s*-\s*))?(\d{1,2})\s*\/\s*(\d{1,2})$/', $number, $part) === 1) {
            return self::fraction($typed, $part[1], (int) $part[2], (int) $part[3], $unitNanometres);
        }

        throw preg_match('/^\d*([.,]\d*){2,}$/', $number) === 1
            ? UnreadableLength::twoSeparators($typed)
            : UnreadableLength::notANumber($typed);
    }

    /** Digits before and after the point; either may be empty. */
    private static function decimal(string $typed, string $whole, string $places, int $unitNanometres): int
    {
        self::refuseAbsurd($typed, $whole);

        return BigDecimal::of("0{$whole}.{$places}0")
            ->multipliedBy($unitNanometres)
            ->toScale(0, RoundingMode::HALF_UP)
            ->toInt();
    }

    private static function fraction(string $typed, string $whole, int $upper, int $lower, int $unitNanometres): int
    {
        self::refuseAbsurd($typed, $whole);
        if (! in_array($lower, [2, 4, 8, 16, 32, 64], true)) {
            throw UnreadableLength::oddFraction($typed, $lower);
        }
        if ($upper >= $lower) {
            throw UnreadableLength::topHeavyFraction($typed);
        }

        // A 64th of either unit (and of a millimetre) is a whole number of nanometres.
        return (int) $whole * $unitNanometres + intdiv($upper * $unitNanometres, $lower);
    }

    private static function refuseAbsurd(string $typed, string $whole): void
    {
        if (strlen(ltrim($whole, '0')) > self::MOST_DIGITS) {
            throw UnreadableLength::absurd($typed);
        }
    }
}

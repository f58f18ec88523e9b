<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** Prints a length for a person or a file. Printed figures are never read back. */
final class LengthPrint
{
    /** Fine enough to mark with a pencil. */
    private const FINEST_FRACTION = 16;

    private const HALF_MILLIMETRE_NM = 500_000;

    private const INCHES_A_YARD = 36;

    /** With its unit, as in a sentence: `95.5 cm`, `37 3/4 in`; what a hand can draw: centimetres to half a millimetre, inches to a 16th. */
    public static function sentence(Length $length, Unit $unit): string
    {
        $figure = $unit === Unit::Centimetre
            ? self::trimmed(5 * self::halfMillimetres($length), 2)
            : self::fraction($length);

        // A minus as wide as a plus, as the screen sets it.
        return str_replace('-', '−', $figure)." {$unit->value}";
    }

    /** As a sentence has it, without its unit: beside others of the same. */
    public static function bare(Length $length, Unit $unit): string
    {
        return (string) preg_replace('/[\s\x{a0}](?:cm|in)$/u', '', self::sentence($length, $unit));
    }

    /** Cloth as it is bought, never short: metres to the centimetre, `26.4 m`, or yards to the eighth, `28 7/8 yd`. */
    public static function cloth(Length $length, Unit $unit): string
    {
        if ($unit === Unit::Centimetre) {
            return self::trimmed(self::ceiling($length->nanometres, Unit::Centimetre->nanometres()), 2).' m';
        }
        $eighths = self::ceiling($length->nanometres * 8, self::INCHES_A_YARD * Unit::Inch->nanometres());

        return self::mixed($eighths, 8).' yd';
    }

    private static function ceiling(int $whole, int $part): int
    {
        return intdiv($whole + $part - 1, $part);
    }

    /**
     * As a plain number in the unit, rounded half away from zero.
     *
     * @param  int<0, 7>  $places  decimals
     */
    public static function number(Length $length, Unit $unit, int $places = 4): float
    {
        return self::inUnit($length, $unit, $places) / 10 ** $places;
    }

    /** How many of the last decimal place the length is. */
    private static function inUnit(Length $length, Unit $unit, int $places): int
    {
        $scaled = $length->nanometres * 10 ** $places;
        $half = intdiv($unit->nanometres(), 2) * ($scaled <=> 0);

        return intdiv($scaled + $half, $unit->nanometres());
    }

    private static function halfMillimetres(Length $length): int
    {
        return $length->dividedBy(self::HALF_MILLIMETRE_NM)->nanometres;
    }

    private static function trimmed(int $hundredths, int $places): string
    {
        $text = number_format($hundredths / 10 ** $places, $places, '.', '');

        return rtrim(rtrim($text, '0'), '.');
    }

    private static function fraction(Length $length): string
    {
        $parts = self::sixteenths($length);

        return ($parts < 0 ? '-' : '').self::mixed(abs($parts), self::FINEST_FRACTION);
    }

    /**
     * @param  int  $parts  0 or above
     * @param  int  $of  how many make a whole; a power of two
     */
    private static function mixed(int $parts, int $of): string
    {
        [$whole, $upper] = [intdiv($parts, $of), $parts % $of];
        if ($upper === 0) {
            return (string) $whole;
        }
        $shared = $upper & -$upper; // the largest power of two that divides it
        $reduced = intdiv($upper, $shared).'/'.intdiv($of, $shared);

        return $whole === 0 ? $reduced : "{$whole} {$reduced}";
    }

    private static function sixteenths(Length $length): int
    {
        $scaled = Length::ofNanometres($length->nanometres * self::FINEST_FRACTION);

        return $scaled->dividedBy(Unit::Inch->nanometres())->nanometres;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** A length in words for an ear: `five eighths of an inch`, `2.5 centimetres`. */
final class SpokenLength
{
    private const PARTS = 16;

    private const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen'];

    private const FRACTIONS = [2 => 'half', 4 => 'quarter', 8 => 'eighth', 16 => 'sixteenth'];

    /** @param  Length  $length  spoken without its sign: the words beside it say which way */
    public static function of(Length $length, Unit $unit): string
    {
        if ($unit === Unit::Centimetre) {
            $figure = substr(LengthPrint::sentence($length->abs(), $unit), 0, -strlen(' cm'));

            return "{$figure} ".($figure === '1' ? 'centimetre' : 'centimetres');
        }
        $parts = Length::ofNanometres($length->abs()->nanometres * self::PARTS)->dividedBy(Unit::Inch->nanometres())->nanometres;
        [$whole, $upper] = [intdiv($parts, self::PARTS), $parts % self::PARTS];

        return match (true) {
            $upper === 0 => "{$whole} ".($whole === 1 ? 'inch' : 'inches'),
            $whole === 0 => self::fraction($upper).($upper === self::PARTS / 2 ? ' an inch' : ' of an inch'),
            default => "{$whole} and ".($upper === self::PARTS / 2 ? 'a half' : self::fraction($upper)).' inches',
        };
    }

    /** @param  int  $upper  sixteenths, 1 to 15 */
    private static function fraction(int $upper): string
    {
        $shared = $upper & -$upper;
        [$number, $of] = [intdiv($upper, $shared), intdiv(self::PARTS, $shared)];

        return $of === 2 ? 'half' : (self::NUMBERS[$number] ?? '').' '.(self::FRACTIONS[$of] ?? '').($number === 1 ? '' : 's');
    }
}

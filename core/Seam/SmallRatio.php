<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Brick\Math\Exception\IntegerOverflowException;
use Brick\Math\RoundingMode;
use Underbolt\Measure\Length;

/** The product of two ratios by the machine's own whole numbers, where those can hold it: a plan has dozens of them. */
final class SmallRatio
{
    /** Beyond this the half that rounding adds might not fit. */
    private const LARGEST = 4e18;

    private const FOUR_DECIMALS = 10_000;

    /** As `Length::ofRational` of the product, rounded half away from zero; null where an int can't hold it. */
    public static function product(BigRational $one, BigRational $other): ?Length
    {
        $small = self::small($one);
        $times = self::small($other);
        if ($small === null || $times === null) {
            return null;
        }
        [[$a, $b], [$c, $d]] = [$small, $times];
        $first = self::divisor($a, $d);
        $second = self::divisor($c, $b);
        [$a, $b, $c, $d] = [intdiv($a, $first), intdiv($b, $second), intdiv($c, $second), intdiv($d, $first)];
        if (abs((float) $a * $c) > self::LARGEST || (float) $b * $d > self::LARGEST) {
            return null;
        }

        return Length::ofNanometres($a * $c)->dividedBy(max(1, $b * $d));
    }

    /** The product, whether an int can hold it or not. */
    public static function times(BigRational $one, BigRational $other): Length
    {
        return self::product($one, $other) ?? Length::ofRational($one->multipliedBy($other));
    }

    /** To four decimals, half up, as a share from 0 to 1 is written. */
    public static function decimals(BigRational $share): float
    {
        $small = self::small($share);

        return $small !== null && max($small) < self::LARGEST / (2 * self::FOUR_DECIMALS)
            ? intdiv(2 * self::FOUR_DECIMALS * $small[0] + $small[1], 2 * $small[1]) / self::FOUR_DECIMALS
            : $share->toScale(4, RoundingMode::HALF_UP)->toFloat();
    }

    /** @return ?array{int, int} what is above the stroke and below it; null where an int can't hold it */
    private static function small(BigRational $ratio): ?array
    {
        try {
            return [$ratio->getNumerator()->toInt(), $ratio->getDenominator()->toInt()];
        } catch (IntegerOverflowException) {
            return null;
        }
    }

    /** @return positive-int the largest that divides both; 1 where both are 0 */
    public static function divisor(int $one, int $other): int
    {
        [$one, $other] = [abs($one), abs($other)];
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return max(1, $one);
    }
}

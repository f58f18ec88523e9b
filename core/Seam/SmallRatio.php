<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Brick\Math\Exception\IntegerOverflowException;
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
        try {
            [$a, $b] = [$one->getNumerator()->toInt(), $one->getDenominator()->toInt()];
            [$c, $d] = [$other->getNumerator()->toInt(), $other->getDenominator()->toInt()];
        } catch (IntegerOverflowException) {
            return null;
        }
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
        return self::times($share, BigRational::of(self::FOUR_DECIMALS))->nanometres / self::FOUR_DECIMALS;
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

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

    /** To four decimals, half up, as a share from 0 to 1 is written. */
    public static function decimals(BigRational $share): float
    {
        try {
            [$up, $down] = [$share->getNumerator()->toInt(), $share->getDenominator()->toInt()];
        } catch (IntegerOverflowException) {
            return $share->toScale(4, RoundingMode::HALF_UP)->toFloat();
        }

        return $up > self::LARGEST / 20_000 || $down > self::LARGEST / 20_000
            ? $share->toScale(4, RoundingMode::HALF_UP)->toFloat()
            : intdiv(20_000 * $up + $down, 2 * $down) / 10_000;
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

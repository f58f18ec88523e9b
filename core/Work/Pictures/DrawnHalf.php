<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

/** Half a bodice with its skirt as it lies on the table, fold on the left: drawn simply, so that it can be cut across. */
final class DrawnHalf
{
    public const FOLD = 10.0;

    public const HEM = 86.0;

    /** The side seam from the underarm down: height and how far out. */
    /** @var non-empty-list<array{float, float}> */
    private const SIDE = [[36.0, 54.0], [54.0, 47.0], [72.0, 56.0], [86.0, 58.0]];

    public const BUST = 36.0;

    public const WAIST = 54.0;

    public const HIP = 72.0;

    private const ABOVE = 'M10 16Q22 16 24 6L46 11Q44 26 54 36';

    /** The whole outline. */
    public static function whole(): string
    {
        return self::ABOVE.substr(self::side(), strlen('M54 36')).'H10Z';
    }

    /**
     * The side seam, each level so far off where it is printed.
     *
     * @param  array<string, float>  $off  by level, outward above 0
     */
    public static function side(array $off = []): string
    {
        [$bust, $waist, $hip] = array_map(static fn (string $level): float => $off[$level] ?? 0.0, ['bust', 'waist', 'hip']);

        return sprintf(
            'M%s 36C%s 46 %s 48 %s 54S%s 64 %s 72L%s 86',
            54 + $bust,
            52 + $bust,
            47 + $waist,
            47 + $waist,
            55 + $hip,
            56 + $hip,
            58 + $hip,
        );
    }

    /** All above a height. */
    public static function above(float $height): string
    {
        return self::ABOVE.self::down(self::BUST, $height, 0.0).'H10Z';
    }

    /** All below it, moved down by so much. */
    public static function below(float $height, float $by): string
    {
        return sprintf('M10 %sL%s %s', $height + $by, self::out($height), $height + $by).self::down($height, self::HEM, $by).'H10Z';
    }

    /** A strip across, from one height to another. */
    public static function strip(float $from, float $to, float $at): string
    {
        return sprintf('M10 %sH%sV%sH10Z', $from, self::out($at), $to);
    }

    /** The side seam in straight parts between two heights. */
    private static function down(float $from, float $to, float $by): string
    {
        $corners = array_filter(self::SIDE, static fn (array $one): bool => $one[0] > $from && $one[0] < $to);

        return implode('', array_map(
            static fn (array $one): string => sprintf('L%s %s', $one[1], $one[0] + $by),
            [...$corners, [$to, self::out($to)]],
        ));
    }

    /** How far out the side seam is at a height. */
    private static function out(float $height): float
    {
        $corners = self::SIDE;
        $upper = array_shift($corners);
        foreach ($corners as $lower) {
            if ($height <= $lower[0]) {
                return round(self::between($upper, $lower, max(0.0, $height - $upper[0])), 1);
            }
            $upper = $lower;
        }

        return $upper[1];
    }

    /**
     * @param  array{float, float}  $upper
     * @param  array{float, float}  $lower
     */
    private static function between(array $upper, array $lower, float $below): float
    {
        return $upper[1] + ($lower[1] - $upper[1]) * $below / ($lower[0] - $upper[0]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;

/** An invented front in eight sizes, 420 by 1080 mm, whose every line is known, to be drawn in the ways of pattern houses. */
final class HouseDrawing
{
    public const SIZES = ['8', '10', '12', '14', '16', '18', '20', '22'];

    public const WIDTH_MM = 420.0;

    public const HEIGHT_MM = 1080.0;

    /** The outline of a size, from the underarm down the side seam, along the hem to the fold, up it, around neck and armhole. */
    public static function outline(int $size): Line
    {
        $out = 9.0 * $size;
        $points = [];
        for ($y = 260.0 + 2 * $size; $y <= 1030.0 + 3 * $size; $y += 2.0) {
            $points[] = [self::seamX($y) + $out, $y];
        }
        [$hemX, $hemY] = end($points);
        for ($i = 1; $i <= 60; $i++) {
            $points[] = [$hemX + (40 - $hemX) * $i / 60, $hemY + 6 * sin($i / 60 * M_PI / 2)];
        }
        $points[] = [40.0, 150.0 - $size];
        for ($i = 1; $i <= 30; $i++) {
            $points[] = [40 + (72 + $size) * sin($i / 30 * M_PI / 2), 150 - $size - 78 * (1 - cos($i / 30 * M_PI / 2))];
        }
        $points[] = [205.0 + 4 * $size, 104.0 + $size];
        [$toX, $toY] = [self::seamX(260.0 + 2 * $size) + $out, 260.0 + 2 * $size];
        [$fromX, $fromY] = [205.0 + 4 * $size, 104.0 + $size];
        for ($i = 1; $i <= 40; $i++) {
            $t = $i / 40;
            $points[] = [
                (1 - $t) ** 2 * $fromX + 2 * $t * (1 - $t) * ($fromX - 12) + $t ** 2 * $toX,
                (1 - $t) ** 2 * $fromY + 2 * $t * (1 - $t) * ($toY - 10) + $t ** 2 * $toY,
            ];
        }

        return Line::through($points);
    }

    public static function whole(): NestDrawing
    {
        return new NestDrawing(
            array_map(static fn (int $size): DrawnLine => new DrawnLine('size-'.self::SIZES[$size], [], self::colour($size), '', [self::outline($size)]), range(0, 7)),
            self::WIDTH_MM,
            self::HEIGHT_MM,
            true,
            [],
        );
    }

    /** Each size in a grey of its own. */
    public static function colour(int $size): string
    {
        return sprintf('#%1$02x%1$02x%1$02x', 16 * $size);
    }

    private static function seamX(float $y): float
    {
        return 250 - 34 * exp(-(($y - 470) / 110) ** 2) + 30 * (1 - exp(-(max(0.0, $y - 470) / 170) ** 2));
    }
}

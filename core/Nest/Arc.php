<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A part of an ellipse as cubics (SVG 2, appendix B.2: from its ends to its middle). */
final class Arc
{
    /** An eighth of a quarter: a cubic over it is off by less than a ten-millionth of the radius. */
    private const WIDEST = M_PI / 8;

    /**
     * From one place to another on an ellipse of these radii.
     *
     * @param  float  $turn  of its first axis, in degrees
     * @param  bool  $isLarge  the longer of the two ways
     * @param  bool  $isSweep  the way on which angles grow
     * @return list<array{float, float, float, float, float, float}> handles and end of each cubic; none where it is a straight line
     */
    public static function cubics(
        float $fromX,
        float $fromY,
        float $radiusX,
        float $radiusY,
        float $turn,
        bool $isLarge,
        bool $isSweep,
        float $toX,
        float $toY,
    ): array {
        [$rx, $ry, $phi] = [abs($radiusX), abs($radiusY), deg2rad($turn)];
        if ($rx === 0.0 || $ry === 0.0 || ($fromX === $toX && $fromY === $toY)) {
            return [];
        }
        [$cos, $sin] = [cos($phi), sin($phi)];
        [$halfX, $halfY] = [($fromX - $toX) / 2, ($fromY - $toY) / 2];
        [$x, $y] = [$cos * $halfX + $sin * $halfY, -$sin * $halfX + $cos * $halfY];
        // Radii that are too short to reach are made just long enough.
        $reach = ($x / $rx) ** 2 + ($y / $ry) ** 2;
        if ($reach > 1) {
            [$rx, $ry] = [$rx * sqrt($reach), $ry * sqrt($reach)];
        }
        $across = ($rx * $y) ** 2 + ($ry * $x) ** 2;
        $far = $across === 0.0 ? 0.0 : sqrt(max(0.0, (($rx * $ry) ** 2 - $across) / $across)) * ($isLarge === $isSweep ? -1 : 1);
        [$cx, $cy] = [$far * $rx * $y / $ry, -$far * $ry * $x / $rx];
        $from = atan2(($y - $cy) / $ry, ($x - $cx) / $rx);
        $way = atan2((-$y - $cy) / $ry, (-$x - $cx) / $rx) - $from;
        $way += $isSweep && $way < 0 ? 2 * M_PI : (! $isSweep && $way > 0 ? -2 * M_PI : 0);
        if (! is_finite($way)) {
            return [];
        }
        $middle = new Matrix($cos * $rx, $sin * $rx, -$sin * $ry, $cos * $ry, $cos * $cx - $sin * $cy + ($fromX + $toX) / 2, $sin * $cx + $cos * $cy + ($fromY + $toY) / 2);

        return self::around($middle, $from, $way);
    }

    /**
     * @param  Matrix  $circle  what becomes of the circle of radius 1 around nothing
     * @return list<array{float, float, float, float, float, float}>
     */
    public static function around(Matrix $circle, float $from, float $way): array
    {
        $parts = max(1, (int) ceil(abs($way) / self::WIDEST));
        $step = $way / $parts;
        $handle = 4 / 3 * tan($step / 4);
        $cubics = [];
        for ($i = 0; $i < $parts; $i++) {
            [$start, $end] = [$from + $i * $step, $from + ($i + 1) * $step];
            $cubics[] = [
                ...$circle->apply(cos($start) - $handle * sin($start), sin($start) + $handle * cos($start)),
                ...$circle->apply(cos($end) + $handle * sin($end), sin($end) - $handle * cos($end)),
                ...$circle->apply(cos($end), sin($end)),
            ];
        }

        return $cubics;
    }
}

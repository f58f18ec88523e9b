<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** The `transform` of a drawing's element. */
final class TransformText
{
    /** One after the other, the last one innermost; what can't be understood changes nothing. */
    public static function read(string $text): Matrix
    {
        $all = new Matrix;
        preg_match_all('/([a-zA-Z]+)\s*\(([^)]*)\)/', $text, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $inside]) {
            preg_match_all(PathData::NUMBER, $inside, $numbers);
            $all = $all->times(self::one($name, array_map(floatval(...), $numbers[0])));
        }

        return $all;
    }

    /** @param  list<float>  $n */
    private static function one(string $name, array $n): Matrix
    {
        return match (true) {
            $name === 'matrix' && count($n) === 6 => new Matrix(...$n),
            $name === 'translate' && $n !== [] => Matrix::translate($n[0], $n[1] ?? 0.0),
            $name === 'scale' && $n !== [] => Matrix::scale($n[0], $n[1] ?? $n[0]),
            $name === 'rotate' && count($n) >= 3 => Matrix::translate($n[1], $n[2])->times(Matrix::rotate(deg2rad($n[0])))->times(Matrix::translate(-$n[1], -$n[2])),
            $name === 'rotate' && $n !== [] => Matrix::rotate(deg2rad($n[0])),
            $name === 'skewX' && $n !== [] => new Matrix(c: tan(deg2rad($n[0]))),
            $name === 'skewY' && $n !== [] => new Matrix(b: tan(deg2rad($n[0]))),
            default => new Matrix,
        };
    }
}

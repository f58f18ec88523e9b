<?php

declare(strict_types=1);

namespace Underbolt\Seam;

/** A line of the drawing, as few cubics as hold its shape: a smoothstep between two levels is one. */
final readonly class Curve
{
    /** @param  list<CurvePart>  $parts  from the top down; the line is open where one doesn't begin at the end of the last */
    public function __construct(public array $parts)
    {
    }

    /**
     * @param  list<int>  $breaks  depths between which the line is smooth, rising
     * @param  callable(float, float): ?float  $at  distance from the centre at a depth, of the piece around the second
     *   one; null where it is open
     * @param  callable(float, float): ?float  $slope  likewise, outward for each step down
     * @param  int  $pieces  cubics from break to break
     */
    public static function through(array $breaks, callable $at, callable $slope, int $pieces = 1): self
    {
        $parts = [];
        foreach (array_slice($breaks, 1) as $index => $end) {
            $middle = ($breaks[$index] + $end) / 2;
            for ($piece = 0; $piece < $pieces; $piece++) {
                $top = $breaks[$index] + intdiv(($end - $breaks[$index]) * $piece, $pieces);
                $bottom = $breaks[$index] + intdiv(($end - $breaks[$index]) * ($piece + 1), $pieces);
                // A break belongs to both sides: each is asked just inside its own.
                $ends = [$at($top, $middle), $at($bottom, $middle), $slope($top + 1, $middle), $slope($bottom - 1, $middle)];
                if ($bottom > $top && ! in_array(null, $ends, true)) {
                    $parts[] = new CurvePart($top, $bottom, ...$ends);
                }
            }
        }

        return new self($parts);
    }

    /** Null where it is open. */
    public function at(float $depth): ?float
    {
        foreach ($this->parts as $part) {
            if ($depth >= $part->top && $depth <= $part->end) {
                return $part->at($depth);
            }
        }

        return null;
    }
}

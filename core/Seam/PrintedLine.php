<?php

declare(strict_types=1);

namespace Underbolt\Seam;

/**
 * A size's printed side seam as it is drawn: how far from the centre it runs at each depth.
 *
 * One size's line is a smooth curve through the levels, upright at each of them, straight below the last;
 * the others stand beside it by the gaps between sizes, which run evenly from level to level as the blend
 * counts them. This is the point where exact lengths become a drawing, so it uses floats: nanometres.
 */
final readonly class PrintedLine
{
    /**
     * @param  non-empty-array<int, float>  $knots  distance from the centre by depth, depths rising
     * @param  array<int, float>  $gaps  how far this line stands outside that curve, likewise; empty for the curve itself
     */
    private function __construct(private array $knots, private array $gaps)
    {
    }

    /**
     * @param  non-empty-array<int, float>  $knots
     * @param  array<int, float>  $gaps
     */
    public static function through(array $knots, array $gaps = []): self
    {
        return new self($knots, $gaps);
    }

    public function at(float $depth): float
    {
        return self::between($this->knots, $depth, BlendShape::Curved)
            + ($this->gaps === [] ? 0.0 : self::between($this->gaps, $depth, BlendShape::Straight));
    }

    /** How far it runs outward for each step down. */
    public function slope(float $depth): float
    {
        return self::slopeOf($this->knots, $depth, BlendShape::Curved)
            + ($this->gaps === [] ? 0.0 : self::slopeOf($this->gaps, $depth, BlendShape::Straight));
    }

    /** @param  non-empty-array<int, float>  $knots */
    private static function between(array $knots, float $depth, BlendShape $shape): float
    {
        $above = null;
        foreach ($knots as $knot => $out) {
            if ($depth <= $knot) {
                return $above === null
                    ? $out
                    : $knots[$above] + $shape->crossed(($depth - $above) / ($knot - $above)) * ($out - $knots[$above]);
            }
            $above = $knot;
        }

        return $knots[array_key_last($knots)];
    }

    /** @param  non-empty-array<int, float>  $knots */
    private static function slopeOf(array $knots, float $depth, BlendShape $shape): float
    {
        $above = null;
        foreach ($knots as $knot => $out) {
            if ($depth < $knot) {
                return $above === null
                    ? 0.0
                    : ($out - $knots[$above]) / ($knot - $above) * $shape->slope(($depth - $above) / ($knot - $above));
            }
            $above = $knot;
        }

        return 0.0;
    }
}

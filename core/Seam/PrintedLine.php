<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/**
 * A size's printed side seam as it is drawn: how far from the centre it runs at each depth.
 *
 * A smooth curve through the levels, upright at each of them, straight below the last; this is the
 * point where exact lengths become a drawing, so it may use floats.
 */
final readonly class PrintedLine
{
    /** @param  non-empty-array<int, Length>  $knots distance from the centre by depth in nanometres, depths rising */
    private function __construct(private array $knots)
    {
    }

    /** @param  non-empty-array<int, Length>  $knots distance from the centre by depth in nanometres, depths rising */
    public static function through(array $knots): self
    {
        return new self($knots);
    }

    public function at(Length $depth): Length
    {
        $above = null;
        foreach ($this->knots as $knot => $out) {
            if ($depth->nanometres <= $knot) {
                return $above === null ? $out : $this->between($above, $knot, $depth);
            }
            $above = $knot;
        }

        return $this->knots[array_key_last($this->knots)];
    }

    /** How far it runs outward for each step down, at a depth in nanometres. */
    public function slope(float $depth): float
    {
        $above = null;
        foreach ($this->knots as $knot => $out) {
            if ($depth < $knot) {
                return $above === null ? 0.0 : $this->knots[$knot]->minus($this->knots[$above])->nanometres / ($knot - $above) * BlendShape::Curved->slope(($depth - $above) / ($knot - $above));
            }
            $above = $knot;
        }

        return 0.0;
    }

    private function between(int $top, int $end, Length $depth): Length
    {
        $way = ($depth->nanometres - $top) / ($end - $top);
        $share = $way * $way * (3 - 2 * $way);
        $out = $this->knots[$end]->minus($this->knots[$top])->nanometres;

        return $this->knots[$top]->plus(Length::ofNanometres((int) round($share * $out)));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\SeamDepths;
use Underbolt\Seam\Station;
use Underbolt\Sizing\Sizes;

/** What the strip of one side is drawn from, whoever knows it: the plan's figures or the pattern's own lines. */
final readonly class StripShape
{
    /**
     * @param  array<int, Curve>  $printed  by size
     * @param  list<Station>  $stations
     * @param  bool  $isFromNest  whether it was read off the pattern's own lines
     */
    public function __construct(
        public Sizes $sizes,
        public SeamDepths $depths,
        public Curve $seam,
        public array $printed,
        public array $stations,
        public bool $isFromNest,
    ) {
    }

    /**
     * Front and back from the pattern's figures.
     *
     * @return array{self, self}
     *
     * @throws NoStrip where the seam can't be drawn
     */
    public static function ofPlan(Plan $plan): array
    {
        $seam = $plan->wholeSeam() ?? throw NoStrip::withoutDepths();

        return [
            self::side($plan->front, $seam->front, $seam->lines, $plan->stations()),
            self::side($plan->back, $seam->back ?? $seam->front, $seam->lines, $plan->backStations() ?? $plan->stations()),
        ];
    }

    /**
     * @param  array<int, Curve>  $printed
     * @param  list<Station>  $stations
     */
    private static function side(CutLine $cut, Curve $seam, array $printed, array $stations): self
    {
        return new self($cut->sizes, $cut->depths, $seam, array_intersect_key($printed, array_flip($cut->sizes->known())), $stations, false);
    }
}

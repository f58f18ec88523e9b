<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDepths;
use Underbolt\Seam\Station;
use Underbolt\Sizing\Sizes;

/** What the strip of one side is drawn from: the pattern's own lines. */
final readonly class StripShape
{
    /**
     * @param  array<int, Curve>  $printed  by size
     * @param  list<Station>  $stations
     * @param  bool  $isCut  whether the lines are cut along as they are drawn: their seam allowance is within
     */
    public function __construct(
        public Sizes $sizes,
        public SeamDepths $depths,
        public Curve $seam,
        public array $printed,
        public array $stations,
        public bool $isCut = false,
    ) {
    }
}

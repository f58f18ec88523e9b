<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Length;

/** What the paper says about the side seam, measured on the unchanged pattern along the body. */
final readonly class SeamData
{
    /**
     * @param  array<string, positive-int>  $edges  cut edges by level; 4 where none is given
     * @param  ?Length  $hipToHem  from the hip level to the cut edge of the hem
     * @param  ?Length  $sleeveLength  from the shoulder bone to the cut edge of the sleeve
     */
    public function __construct(
        private array $edges = [],
        public ?Length $underarmToWaist = null,
        public ?Length $shoulderToWaist = null,
        public ?Length $waistToHip = null,
        public ?Length $hipToHem = null,
        public ?Length $seamAllowance = null,
        public ?Length $hemAllowance = null,
        public ?Length $sleeveLength = null,
        public ?Length $sleeveHemAllowance = null,
    ) {
    }

    /** @return positive-int two side seams have four cut edges */
    public function edgesAt(Level $level): int
    {
        return $this->edges[$level->value] ?? 4;
    }
}

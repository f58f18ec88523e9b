<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** Changes of length set by hand: 0 declines one, null leaves it to body and paper. */
final readonly class LengthsByHand
{
    public function __construct(
        public ?Length $aboveWaist = null,
        public ?Length $belowWaist = null,
        public ?Length $hem = null,
        public ?Length $sleeve = null,
    ) {
    }
}

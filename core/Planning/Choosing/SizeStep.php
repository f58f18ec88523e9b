<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Sizing\StepVerdict;

/** How many sizes lie between two neighbouring levels. */
final readonly class SizeStep
{
    public StepVerdict $verdict;

    /** @param  int<0, max>  $sizes */
    public function __construct(public int $sizes)
    {
        $this->verdict = StepVerdict::over($sizes);
    }
}

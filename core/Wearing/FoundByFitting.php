<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\Found;
use Underbolt\Measure\Length;

/** What the tracing in hand has in it beside the plan, as the paper takes it. */
final class FoundByFitting
{
    /** @param  callable(Length): string  $say */
    public static function of(Fitting $fitting, callable $say): Found
    {
        $findings = $fitting->inHand();

        return new Found(FoundEdges::of($findings), FoundLengths::of($findings), FoundSteps::of($findings, $say));
    }
}

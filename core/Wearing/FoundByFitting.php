<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\FittingChanges;
use Underbolt\Measure\Length;

/** What the tracing in hand has in it beside the plan, as the paper takes it. */
final class FoundByFitting
{
    /** @param  callable(Length): string  $say */
    public static function of(Fitting $fitting, callable $say): FittingChanges
    {
        $findings = $fitting->inHand();

        return new FittingChanges(FoundEdges::of($findings), FoundLengths::of($findings), FoundSteps::of($findings, $say));
    }
}

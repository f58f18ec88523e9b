<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Body;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;

/** One wearer's measures, one pattern and the choices for it: all that a plan is made from. */
final readonly class Make
{
    /** @param  Unit  $unit the unit the plan's sentences speak in */
    public function __construct(public Unit $unit, public Body $body, public Pattern $pattern, public Choices $choices)
    {
    }
}

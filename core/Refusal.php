<?php

declare(strict_types=1);

namespace Underbolt;

use Throwable;

/** Marks every exception by which core refuses what it was given. */
interface Refusal extends Throwable
{
    /** @return non-empty-list<Fault> */
    public function faults(): array;
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\Measure\Unit;

/** A value that holds no length: it means the same in every unit. */
trait Plain
{
    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $typed;
    }
}

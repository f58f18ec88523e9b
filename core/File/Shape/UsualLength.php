<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;

/** A length that is usual where none is typed: a round one in the unit that is meant, where inches have one of their own. */
final readonly class UsualLength
{
    public function __construct(private float $centimetres, private ?float $inches = null)
    {
    }

    public function in(Unit $unit): Length
    {
        return $unit === Unit::Inch && $this->inches !== null
            ? Length::ofNumber($this->inches, Unit::Inch)
            : Length::ofNumber($this->centimetres, Unit::Centimetre);
    }
}

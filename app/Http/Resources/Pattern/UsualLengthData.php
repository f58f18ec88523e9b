<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Paper\UsualLengths;

/** A length that stands in while nobody has measured the paper, as it would be typed. */
final readonly class UsualLengthData
{
    /** @param  value-of<UsualLengths>  $key */
    public function __construct(
        public string $key,
        public string $words,
        public string $cm,
        public string $in,
    ) {
    }

    public static function of(UsualLengths $length): self
    {
        return new self($length->value, $length->words(), $length->typed(Unit::Centimetre), $length->typed(Unit::Inch));
    }
}

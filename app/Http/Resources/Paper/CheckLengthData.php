<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\CutSheet\CheckLength;

/** A length of the paper once everything is done, in whole nanometres. */
final readonly class CheckLengthData
{
    private function __construct(
        public string $what,
        public int $length_nm,
    ) {
    }

    public static function of(CheckLength $check): self
    {
        return new self($check->what, $check->length->nanometres);
    }
}

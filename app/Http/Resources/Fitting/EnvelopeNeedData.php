<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Pattern\Paper\Range;

/** An envelope that holds sizes which are cut. */
final readonly class EnvelopeNeedData
{
    private function __construct(public string $name, public bool $owned)
    {
    }

    public static function of(Range $range): self
    {
        return new self($range->told(), $range->owned);
    }
}

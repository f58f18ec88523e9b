<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

/** One thing that a plan costs, in words, with what it counts. */
final readonly class ReceiptLine
{
    /** @param  float  $cost rounded to four decimals */
    public function __construct(public string $what, public float $cost)
    {
    }
}

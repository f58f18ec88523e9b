<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

/** How a pattern finds the cup: which difference it reads, and its own table where it prints one. */
final readonly class CupRule
{
    /** @param  list<CupRange>  $table in the order of the cups */
    public function __construct(public CupMeasure $measure, public array $table)
    {
    }
}

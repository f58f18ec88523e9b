<?php

declare(strict_types=1);

namespace Underbolt\Company;

/** How many are cut in a size, level by level. */
final readonly class SizeCount
{
    /** @param  array<string, int>  $levels  by level; those where nobody is are absent */
    public function __construct(public string $size, public array $levels)
    {
    }
}

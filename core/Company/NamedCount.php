<?php

declare(strict_types=1);

namespace Underbolt\Company;

/** How many need something that is called by a name: an envelope, a notion. */
final readonly class NamedCount
{
    /** @param  bool  $toGet  whether it is not there yet */
    public function __construct(public string $name, public int $wearers, public bool $toGet)
    {
    }
}

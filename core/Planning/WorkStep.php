<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** One change to the paper, on a tracing of its own. */
final readonly class WorkStep
{
    /** @param  string  $kind  blend, length or bust */
    public function __construct(public string $kind, public string $text)
    {
    }
}

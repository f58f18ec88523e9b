<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** What one measure card says: one figure for each point that was measured. */
final readonly class Body
{
    /** @param  array<string, Length>  $measures by the point's code; each within the limits of its kind */
    public function __construct(private array $measures)
    {
    }

    public function at(Point $point): ?Length
    {
        return $this->measures[$point->value] ?? null;
    }
}

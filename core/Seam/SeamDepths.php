<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/** How deep below the underarm each level lies along the side seam, on the changed paper; null where unknown. */
final readonly class SeamDepths
{
    public function __construct(public ?Length $waist, public ?Length $hip, public ?Length $hem)
    {
    }

    /** How far down the seam is known. */
    public function end(): ?Length
    {
        return $this->hem ?? $this->hip ?? $this->waist;
    }
}

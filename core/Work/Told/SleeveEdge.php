<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Pieces\PieceSide;

/** Where one edge of the sleeve's seam goes at its underarm: from the printed line of a size, outward above 0. It runs out to nothing at the wrist. */
final readonly class SleeveEdge
{
    /** @param  int  $size  index of the printed line */
    public function __construct(public PieceSide $side, public int $size, public Length $move)
    {
    }
}

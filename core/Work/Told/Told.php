<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Measure\Length;

/** Where the line to cut stands, told by the printed line beside it. */
final readonly class Told
{
    /**
     * @param  int  $size  whose line it is, a place in the pattern's list
     * @param  Length  $move  from there, outward positive
     * @param  bool  $isOn  whether the two are one over a stretch: nothing is measured there
     */
    public function __construct(public int $size, public Length $move, public bool $isOn)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

/** A figure of the drawing beside the same as the pattern has it, in millimetres. */
final readonly class HeldFigure
{
    /**
     * @param  string  $what  it is of: `waist to hip`, `8 to 22 at the waist`
     * @param  bool  $isGap  between sizes; else a length
     */
    public function __construct(public string $what, public bool $isGap, public float $drawn, public float $known)
    {
    }

    public function ratio(): float
    {
        return $this->drawn / $this->known;
    }
}

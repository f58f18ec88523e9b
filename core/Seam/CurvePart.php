<?php

declare(strict_types=1);

namespace Underbolt\Seam;

/** One cubic of a drawn line, between two depths: nanometres, distances counted from the centre. */
final readonly class CurvePart
{
    /**
     * @param  int  $end  below `top`
     * @param  float  $slopeAtTop  how far it runs outward for each step down
     */
    public function __construct(
        public int $top,
        public int $end,
        public float $outAtTop,
        public float $outAtEnd,
        public float $slopeAtTop,
        public float $slopeAtEnd,
    ) {
    }

    /** @param  float  $depth  between its ends */
    public function at(float $depth): float
    {
        $long = $this->end - $this->top;
        $way = ($depth - $this->top) / $long;
        $back = 1 - $way;

        return $back * $back * ((1 + 2 * $way) * $this->outAtTop + $way * $long * $this->slopeAtTop)
            + $way * $way * ((1 + 2 * $back) * $this->outAtEnd - $back * $long * $this->slopeAtEnd);
    }
}

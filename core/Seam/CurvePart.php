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

    /** @return array{array{float, float}, array{float, float}, array{float, float}, array{float, float}} the same as a cubic: its ends and what draws them, each out and down */
    public function cubic(): array
    {
        $third = ($this->end - $this->top) / 3;

        return [
            [$this->outAtTop, $this->top],
            [$this->outAtTop + $this->slopeAtTop * $third, $this->top + $third],
            [$this->outAtEnd - $this->slopeAtEnd * $third, $this->end - $third],
            [$this->outAtEnd, $this->end],
        ];
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

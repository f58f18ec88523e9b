<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** A level section of a figure, of two half ellipses; millimetres. */
final readonly class Ring
{
    /**
     * @param  float  $z  its height
     * @param  float  $width  half of it
     * @param  float  $front  depth of the front half
     * @param  float  $rear  likewise of the rear
     * @param  float  $middle  how far forward its middle lies
     */
    public function __construct(
        public float $z,
        public float $width,
        public float $front,
        public float $rear,
        public float $middle,
    ) {
    }

    /** @return array{float, float, float, float} width, front, rear, middle */
    public function figures(): array
    {
        return [$this->width, $this->front, $this->rear, $this->middle];
    }
}

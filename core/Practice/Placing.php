<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** How a tape was laid; millimetres. What is left out is as it should be. */
final readonly class Placing
{
    /**
     * @param  ?float  $height  at the body's middle; null for the true one
     * @param  float  $front  how much higher it runs in front than in the middle, -60 to 60
     * @param  float  $left  likewise at the left side
     * @param  float  $over  thickness of the cloth under it, 0 to 20
     * @param  int<0, 3>  $fingers  under it, side by side
     * @param  float  $pull  0 to 1
     * @param  float  $breath  -1 (out) to 1 (in)
     * @param  ?bool  $board  held against the foremost front; null for as it is needed
     * @param  float  $stretched  by how much of its length the tape is, 0 to 0.05
     * @param  float  $startsAt  where its zero really is, 0 to 300
     */
    public function __construct(
        public TapePoint $point,
        public ?float $height = null,
        public float $front = 0.0,
        public float $left = 0.0,
        public float $over = 0.0,
        public int $fingers = 0,
        public float $pull = 0.0,
        public float $breath = 0.0,
        public bool $armsUp = false,
        public ?bool $board = null,
        public float $stretched = 0.0,
        public float $startsAt = 0.0,
    ) {
    }
}

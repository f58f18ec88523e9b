<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Practice\Placing;

/** A tape as it is drawn on a body; millimetres. */
final readonly class SeenTapeData
{
    /**
     * @param  float  $over  thickness of the cloth under it
     * @param  int  $fingers  under it
     */
    public function __construct(
        public float $height,
        public float $front,
        public float $left,
        public float $over,
        public int $fingers,
    ) {
    }

    /** @param  Placing  $tape  its height said */
    public static function of(Placing $tape): self
    {
        return new self($tape->height ?? 0.0, $tape->front, $tape->left, $tape->over, $tape->fingers);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\DressStand;

/** A dress stand with the tape on it, as SVG paths. */
final readonly class StandData
{
    /**
     * @param  ?string  $hidden  behind the stand
     * @param  ?string  $arrows  heads at the ends of a length
     */
    public function __construct(
        public int $width,
        public int $height,
        public string $outline,
        public ?string $pole,
        public string $tape,
        public ?string $hidden,
        public ?string $arrows,
    ) {
    }

    public static function of(DressStand $stand): self
    {
        return new self(
            width: DressStand::WIDTH,
            height: DressStand::HEIGHT,
            outline: $stand->outline,
            pole: $stand->pole,
            tape: $stand->tape,
            hidden: $stand->hidden,
            arrows: $stand->arrows,
        );
    }
}

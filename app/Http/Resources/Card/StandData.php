<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\DressStand;

#[OA\Schema(description: 'a dress stand with the tape on it, as SVG paths')]
final readonly class StandData
{
    public function __construct(
        #[OA\Property] public int $width,
        #[OA\Property] public int $height,
        #[OA\Property] public string $outline,
        #[OA\Property] public ?string $pole,
        #[OA\Property] public string $tape,
        #[OA\Property(description: 'behind the stand')] public ?string $hidden,
        #[OA\Property(description: 'heads at the ends of a length')] public ?string $arrows,
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

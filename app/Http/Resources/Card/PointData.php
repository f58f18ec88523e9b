<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\DressStand;
use Underbolt\Measure\PointGuide;

#[OA\Schema]
final readonly class PointData
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'where the tape lies')] public string $where,
        #[OA\Property(description: 'what prevents the usual mistake')] public string $mistake,
        #[OA\Property] public string $trick,
        #[OA\Property(description: 'for someone who can\'t stand, bend or raise the arms')] public string $other_way,
        #[OA\Property(description: 'the side the dress stand is seen from', enum: ['front', 'back', 'side', 'arm'])] public string $view,
        #[OA\Property(ref: StandData::class)] public StandData $stand,
    ) {
    }

    public static function of(PointGuide $guide): self
    {
        return new self(
            code: $guide->point->value,
            name: $guide->name,
            where: $guide->where,
            mistake: $guide->mistake,
            trick: $guide->trick,
            other_way: $guide->otherWay,
            view: $guide->tape->view->value,
            stand: StandData::of(DressStand::with($guide->tape)),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the house has changed since it was seen; this is how it stands')]
final readonly class HouseConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: HouseData::class)] public HouseData $house,
    ) {
    }
}

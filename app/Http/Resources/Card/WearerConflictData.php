<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the wearer has changed since it was seen; this is how it stands')]
final readonly class WearerConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: WearerPageData::class)] public WearerPageData $wearer,
    ) {
    }
}

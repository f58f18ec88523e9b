<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the nest has changed since it was seen; this is how it stands')]
final readonly class NestConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: NestData::class)] public NestData $nest,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the make has changed since it was seen; this is how it stands')]
final readonly class BenchConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: BenchData::class)] public BenchData $bench,
    ) {
    }
}

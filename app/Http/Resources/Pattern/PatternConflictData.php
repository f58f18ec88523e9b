<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the pattern has changed since it was seen; this is how it stands')]
final readonly class PatternConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: PatternData::class)] public PatternData $pattern,
    ) {
    }
}

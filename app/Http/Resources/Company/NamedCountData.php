<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'how many need something')]
final readonly class NamedCountData
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public int $wearers,
        #[OA\Property(description: 'it is not there yet')] public bool $to_get,
    ) {
    }
}

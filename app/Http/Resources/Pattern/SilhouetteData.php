<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SilhouetteData
{
    /** @param  array<string, string>  $levels */
    public function __construct(
        #[OA\Property] public string $value,
        #[OA\Property] public string $label,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['critical', 'matters', 'free']),
        )] public array $levels,
        #[OA\Property(enum: ['blended', 'one_size'])] public string $cut_as,
    ) {
    }
}

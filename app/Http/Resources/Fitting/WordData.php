<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'a key and how it is called')]
final readonly class WordData
{
    public function __construct(#[OA\Property] public string $key, #[OA\Property] public string $words)
    {
    }
}

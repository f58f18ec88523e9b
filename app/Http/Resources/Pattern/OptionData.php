<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OptionData
{
    public function __construct(#[OA\Property] public string $value, #[OA\Property] public string $label)
    {
    }
}

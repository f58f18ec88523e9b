<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;
use Underbolt\Company\SizeCount;

#[OA\Schema(description: 'how many are cut in a size')]
final readonly class SizeCountData
{
    private function __construct(
        #[OA\Property] public string $size,
        #[OA\Property] public int $bust,
        #[OA\Property] public int $waist,
        #[OA\Property] public int $hip,
    ) {
    }

    public static function of(SizeCount $count): self
    {
        return new self($count->size, $count->levels['bust'] ?? 0, $count->levels['waist'] ?? 0, $count->levels['hip'] ?? 0);
    }
}

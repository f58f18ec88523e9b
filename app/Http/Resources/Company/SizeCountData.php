<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use Underbolt\Company\SizeCount;

/** How many are cut in a size. */
final readonly class SizeCountData
{
    private function __construct(
        public string $size,
        public int $bust,
        public int $waist,
        public int $hip,
    ) {
    }

    public static function of(SizeCount $count): self
    {
        return new self($count->size, $count->levels['bust'] ?? 0, $count->levels['waist'] ?? 0, $count->levels['hip'] ?? 0);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Choosing\SizeStep;

#[OA\Schema]
final readonly class StepData
{
    public function __construct(
        #[OA\Property] public int $sizes,
        #[OA\Property(enum: ['none', 'easy', 'care', 'avoid'])] public string $verdict,
    ) {
    }

    public static function of(SizeStep $step): self
    {
        return new self($step->sizes, $step->verdict->value);
    }
}

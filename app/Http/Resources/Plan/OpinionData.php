<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Advice\Opinion;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class OpinionData
{
    public function __construct(
        #[OA\Property(enum: ['chart_up', 'chart_down', 'chart_nearest', 'drafted', 'liked', 'quarters', 'front_larger'])]
        public string $school,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $size,
        #[OA\Property] public string $why,
    ) {
    }

    public static function of(Opinion $opinion, Plan $plan): self
    {
        return new self(
            $opinion->school->value,
            $opinion->school->name(),
            $opinion->size === null ? null : $plan->nameOf($opinion->size),
            $opinion->why,
        );
    }
}

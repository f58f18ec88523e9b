<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Advice\Choosers;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'what is in force, chosen or not, and why a choice could change nothing now')]
final readonly class ChoosersData
{
    public function __construct(
        #[OA\Property(enum: ['best', 'level', 'one_size'])] public string $pick,
        #[OA\Property(enum: ['chart', 'drafted', 'liked'])] public string $ease,
        #[OA\Property(enum: ['up', 'down', 'nearest'])] public string $between,
        #[OA\Property] public ?string $pick_idle,
        #[OA\Property] public ?string $between_idle,
        #[OA\Property] public ?string $order_idle,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $in = Choosers::of($plan);

        return new self(
            pick: $in->pick->value,
            ease: $in->ease->value,
            between: $plan->make->choices->between->value,
            pick_idle: $in->pickIdle,
            between_idle: $in->betweenIdle,
            order_idle: $in->orderIdle,
        );
    }
}

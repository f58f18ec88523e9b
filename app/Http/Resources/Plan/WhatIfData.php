<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the plan of other measures, of which nothing is kept')]
final readonly class WhatIfData
{
    /** @param  list<string>  $flips */
    public function __construct(
        #[OA\Property(ref: PlanData::class)] public PlanData $plan,
        #[OA\Property(description: 'what becomes another, in sentences', items: new OA\Items(type: 'string'))] public array $flips,
    ) {
    }
}

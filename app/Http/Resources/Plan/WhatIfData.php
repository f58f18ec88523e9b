<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'the plan of other measures, of which nothing is kept')]
final readonly class WhatIfData
{
    /** @param  list<string>  $flips */
    public function __construct(
        #[OA\Property(ref: PlanData::class)] public PlanData $plan,
        #[OA\Property(description: 'what becomes another, in sentences', items: new OA\Items(type: 'string'))] public array $flips,
        #[OA\Property(description: 'as they were read, by point', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))] public stdClass $measures_nm,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use stdClass;

/** The plan of other measures, of which nothing is kept. */
final readonly class WhatIfData
{
    /**
     * @param  list<string>  $flips  what becomes another, in sentences
     * @param  stdClass  $measures_nm  as they were read, by point
     */
    public function __construct(
        public PlanData $plan,
        public array $flips,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))] public stdClass $measures_nm,
    ) {
    }
}

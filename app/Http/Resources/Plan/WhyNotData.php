<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Planning\Choosing\WhyNot;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'how every size would do at one level')]
final readonly class WhyNotData
{
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(
            type: 'object',
            description: 'one sentence for each, by size',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )] public stdClass $sizes,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan): array
    {
        $all = [];
        foreach ($plan->situation->measured() as $level => $facts) {
            $says = WhyNot::at($facts, $plan->situation, $plan->sizes);
            $all[] = new self($level, (object) array_combine(array_map($plan->nameOf(...), array_keys($says)), $says));
        }

        return $all;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Choosing\WhyNot;
use Underbolt\Planning\Plan;

/** How every size would do at one level. */
final readonly class WhyNotData
{
    /**
     * @param  value-of<Level>  $level
     * @param  stdClass  $sizes  one sentence for each, by size
     */
    public function __construct(
        public string $level,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public stdClass $sizes,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan): array
    {
        $all = [];
        foreach ($plan->situation->measured() as $facts) {
            $says = WhyNot::at($facts, $plan->situation, $plan->sizes);
            $all[] = new self($facts->level->value, (object) array_combine(array_map($plan->nameOf(...), array_keys($says)), $says));
        }

        return $all;
    }
}

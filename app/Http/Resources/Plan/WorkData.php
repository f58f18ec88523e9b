<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Work\WorkPlan;

#[OA\Schema]
final readonly class WorkData
{
    /** @param  list<WorkStepData>  $steps */
    public function __construct(
        #[OA\Property(enum: ['blend_first', 'length_first'])] public string $order,
        #[OA\Property] public string $why,
        #[OA\Property(description: 'one tracing each', items: new OA\Items(ref: WorkStepData::class))] public array $steps,
    ) {
    }

    public static function of(WorkPlan $work): self
    {
        return new self($work->order->value, $work->why, array_map(WorkStepData::of(...), $work->steps));
    }
}

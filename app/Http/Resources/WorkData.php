<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\WorkPlan;
use Underbolt\Planning\WorkStep;

#[OA\Schema]
final readonly class WorkData
{
    /** @param  list<string>  $steps */
    public function __construct(
        #[OA\Property(enum: ['blend_first', 'length_first'])] public string $order,
        #[OA\Property] public string $why,
        #[OA\Property(description: 'one tracing each', items: new OA\Items(type: 'string'))] public array $steps,
    ) {
    }

    public static function of(WorkPlan $work): self
    {
        return new self($work->order->value, $work->why, array_map(static fn (WorkStep $step): string => $step->text, $work->steps));
    }
}

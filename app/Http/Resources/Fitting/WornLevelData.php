<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Measure\LengthPrint;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'a level as it is cut now: what a verdict is kept with')]
final readonly class WornLevelData
{
    private function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property] public string $size,
        #[OA\Property(description: 'as cut; null where it isn\'t known', nullable: true)] public ?string $ease,
    ) {
    }

    /** @return list<self> */
    public static function all(Plan $plan): array
    {
        return array_values(array_map(static fn (LevelPlan $level): self => new self(
            $level->facts->level->value,
            $plan->nameOf($level->size),
            $level->easeAsCut === null ? null : LengthPrint::sentence($level->easeAsCut, $plan->make->unit),
        ), array_filter($plan->levels)));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\WorkStepData;
use OpenApi\Attributes as OA;
use Underbolt\Paper\CutSheetStep;

#[OA\Schema]
final readonly class CutSheetStepData
{
    public function __construct(
        #[OA\Property(description: 'what it is ticked by')] public string $key,
        #[OA\Property(ref: WorkStepData::class)] public WorkStepData $step,
    ) {
    }

    public static function of(CutSheetStep $step): self
    {
        return new self($step->key, WorkStepData::of($step->step));
    }
}

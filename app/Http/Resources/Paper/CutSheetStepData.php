<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\WorkStepData;
use Underbolt\Paper\CutSheetStep;

final readonly class CutSheetStepData
{
    /** @param  string  $key  what it is ticked by */
    public function __construct(
        public string $key,
        public WorkStepData $step,
    ) {
    }

    public static function of(CutSheetStep $step): self
    {
        return new self($step->key, WorkStepData::of($step->step));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Planning\Choosing\SizeStep;
use Underbolt\Sizing\StepVerdict;

final readonly class StepData
{
    /** @param  value-of<StepVerdict>  $verdict */
    public function __construct(
        public int $sizes,
        public string $verdict,
    ) {
    }

    public static function of(SizeStep $step): self
    {
        return new self($step->sizes, $step->verdict->value);
    }
}

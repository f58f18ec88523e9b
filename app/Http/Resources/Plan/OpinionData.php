<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\Opinion;
use Underbolt\Advice\School;
use Underbolt\Planning\Plan;

final readonly class OpinionData
{
    /** @param  value-of<School>  $school */
    public function __construct(
        public string $school,
        public string $name,
        public ?string $size,
        public string $why,
    ) {
    }

    public static function of(Opinion $opinion, Plan $plan): self
    {
        return new self(
            $opinion->school->value,
            $opinion->school->name(),
            $opinion->size === null ? null : $plan->nameOf($opinion->size),
            $opinion->why,
        );
    }
}

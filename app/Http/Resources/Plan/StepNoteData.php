<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

final readonly class StepNoteData
{
    public function __construct(
        public float $x,
        public float $y,
        public string $words,
    ) {
    }
}

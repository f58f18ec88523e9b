<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

/** The make has changed since it was seen; this is how it stands. */
final readonly class BenchConflictData
{
    public function __construct(
        public string $message,
        public BenchData $bench,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

/** The pattern has changed since it was seen; this is how it stands. */
final readonly class PatternConflictData
{
    public function __construct(
        public string $message,
        public PatternData $pattern,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

/** The nest has changed since it was seen; this is how it stands. */
final readonly class NestConflictData
{
    public function __construct(
        public string $message,
        public NestData $nest,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

/** The house has changed since it was seen; this is how it stands. */
final readonly class HouseConflictData
{
    public function __construct(
        public string $message,
        public HouseData $house,
    ) {
    }
}

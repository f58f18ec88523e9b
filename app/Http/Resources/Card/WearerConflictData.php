<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

/** The wearer has changed since it was seen; this is how it stands. */
final readonly class WearerConflictData
{
    public function __construct(
        public string $message,
        public WearerPageData $wearer,
    ) {
    }
}

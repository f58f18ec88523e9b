<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

/** The card has changed since it was seen; this is how it stands. */
final readonly class ConflictData
{
    public function __construct(
        public string $message,
        public CardData $card,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\Work\Steps\Missing;

/** A figure that is missed, and what it would give. */
final readonly class MissingData
{
    private function __construct(
        public string $field,
        public string $asked,
        public string $what_for,
    ) {
    }

    public static function of(Missing $missing): self
    {
        return new self($missing->field, $missing->asked(), $missing->whatFor);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

/** How many need something. */
final readonly class NamedCountData
{
    /** @param  bool  $to_get  it is not there yet */
    public function __construct(
        public string $name,
        public int $wearers,
        public bool $to_get,
    ) {
    }
}

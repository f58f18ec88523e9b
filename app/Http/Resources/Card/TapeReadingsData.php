<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

final readonly class TapeReadingsData
{
    /** @param  list<TapeReadingData>  $readings  oldest first */
    public function __construct(
        public array $readings,
    ) {
    }
}

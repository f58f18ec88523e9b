<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use App\Models\Hand;

final readonly class HandData
{
    /** @param  list<HandPointData>  $points  from the top of the body down */
    public function __construct(
        public string $name,
        public array $points,
    ) {
    }

    public static function of(Hand $hand): self
    {
        return new self($hand->name, array_values(array_map(HandPointData::of(...), $hand->points)));
    }
}

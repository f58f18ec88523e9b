<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\Point;
use Underbolt\Measure\PointSet;

final readonly class PointSetData
{
    /** @param  list<string>  $points */
    public function __construct(
        public string $name,
        public string $title,
        public array $points,
    ) {
    }

    public static function of(PointSet $set): self
    {
        return new self($set->value, $set->title(), array_map(static fn (Point $point): string => $point->value, $set->points()));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;

/** The difference a pattern reads its cup from. */
enum CupMeasure: string
{
    case HighBustDifference = 'high_bust_difference';
    case FrontHalfDifference = 'front_half_difference';

    /** Null where one of the two is not measured. */
    public function of(Body $body): ?Length
    {
        [$larger, $smaller] = match ($this) {
            self::HighBustDifference => [$body->at(Point::FullBust), $body->at(Point::HighBust)],
            self::FrontHalfDifference => [$body->at(Point::HalfFullBust), $body->at(Point::HalfUnderbust)],
        };

        return $smaller === null ? null : $larger?->minus($smaller);
    }
}

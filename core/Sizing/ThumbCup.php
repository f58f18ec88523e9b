<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

/**
 * The dressmaker's cup by the rule of thumb: one letter for every inch between high and full bust
 * (common practice, no published source). A pattern's own table wins over it.
 */
final class ThumbCup
{
    private const LETTERS = ['AA', 'A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K'];

    /** Null where one of the two girths is not measured. */
    public static function of(Body $body): ?string
    {
        $high = $body->at(Point::HighBust);

        return $high === null ? null : self::letter($body->at(Point::FullBust)?->minus($high));
    }

    /** The letter of the nearest whole inch, of two as near the larger; AA for none or less, K for eleven or more. */
    private static function letter(?Length $difference): ?string
    {
        if ($difference === null) {
            return null;
        }
        $inches = max(0, $difference->dividedBy(Unit::Inch->nanometres())->nanometres);

        return self::LETTERS[min($inches, count(self::LETTERS) - 1)];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cups\CupLetter;

/**
 * The dressmaker's cup by the rule of thumb: one letter for every inch between high and full bust
 * (common practice, no published source). A pattern's own table wins over it.
 */
final class ThumbCup
{
    /** The letter of the nearest whole inch, of two as near the larger; AA for none or less, K for eleven or more. */
    public static function letter(Length $difference): string
    {
        $inches = max(0, $difference->dividedBy(Unit::Inch->nanometres())->nanometres);

        return CupLetter::ORDER[min($inches, count(CupLetter::ORDER) - 1)];
    }
}

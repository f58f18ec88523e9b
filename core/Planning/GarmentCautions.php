<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Garment;
use Underbolt\Pattern\Level;

/** What cloth and cut ask for: getting into it, and a cloth that is too stretchy. */
final class GarmentCautions
{
    /** From here on a knit asks for another kind of pattern, in per cent (common practice, no published source). */
    private const VERY_STRETCHY = 35;

    /**
     * @param  array<string, LevelPlan>  $levels
     * @return list<Caution>
     */
    public static function of(Make $make, array $levels): array
    {
        $stretchy = $make->pattern->fabric->kind === FabricKind::Knit && $make->pattern->fabric->stretchPercent > self::VERY_STRETCHY;

        return [
            ...($make->pattern->pulledOn ? self::pulledOn($make, $levels) : []),
            ...($stretchy ? [Caution::veryStretchy()] : []),
        ];
    }

    /**
     * The narrowest girth, stretched, has to pass the bust (over the head) or the hip (from below).
     *
     * @param  array<string, LevelPlan>  $levels
     * @return list<Caution>
     */
    private static function pulledOn(Make $make, array $levels): array
    {
        $narrowest = null;
        foreach ($levels as $plan) {
            if ($plan->finished !== null && ($narrowest?->finished === null || $plan->finished->isLessThan($narrowest->finished))) {
                $narrowest = $plan;
            }
        }
        [$body, $words] = self::toPass($make);
        if ($narrowest?->finished === null || $body === null || ! self::stretched($narrowest->finished, $make)->isLessThan($body)) {
            return [];
        }

        return [Caution::cannotPullOn($narrowest->facts->level, $make->say($narrowest->finished), "the {$words} of {$make->say($body)}")];
    }

    /** @return array{?Length, string} the least girth that has to be passed, and its name */
    private static function toPass(Make $make): array
    {
        $hip = SizesInPlay::bodyAt($make, Level::Hip);
        $bust = in_array($make->pattern->garment, [Garment::Skirt, Garment::Trousers], true) ? null : $make->body->at(Point::FullBust);

        return $bust === null || ($hip !== null && $hip->isLessThan($bust)) ? [$hip, 'hip'] : [$bust, 'bust'];
    }

    private static function stretched(Length $finished, Make $make): Length
    {
        return $finished->times(BigRational::of((string) (100 + $make->pattern->fabric->stretchPercent))->dividedBy(100));
    }
}

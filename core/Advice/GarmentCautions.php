<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Plan;

/** What cut and cloth ask for: getting into it, and room for the arm. */
final class GarmentCautions
{
    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        $sleeve = $plan->sleeve;
        $narrow = $sleeve?->need !== null && $sleeve->isNarrow() ? [Caution::sleeveNarrow($plan->make->say($sleeve->need))] : [];

        return [...($plan->make->pattern->pulledOn ? self::pulledOn($plan) : []), ...$narrow];
    }

    /**
     * The narrowest girth as cut, stretched, has to pass the bust (over the head) or the hip (from below).
     *
     * @return list<Caution>
     */
    private static function pulledOn(Plan $plan): array
    {
        $make = $plan->make;
        $narrowest = null;
        foreach (array_filter($plan->levels) as $level) {
            if ($level->asCut !== null && ($narrowest?->asCut === null || $level->asCut->isLessThan($narrowest->asCut))) {
                $narrowest = $level;
            }
        }
        [$body, $words] = self::toPass($make);
        if ($narrowest?->asCut === null || $body === null || ! self::stretched($narrowest->asCut, $make)->isLessThan($body)) {
            return [];
        }

        return [Caution::cannotPullOn($narrowest->facts->level, $make->say($narrowest->asCut), "the {$words} of {$make->say($body)}")];
    }

    /** @return array{?Length, string} the least girth that has to be passed, and its name */
    private static function toPass(Make $make): array
    {
        $hip = Level::Hip->girthOf($make->body);
        $bust = in_array($make->pattern->garment, [Garment::Skirt, Garment::Trousers], true) ? null : $make->body->at(Point::FullBust);

        return $bust === null || ($hip !== null && $hip->isLessThan($bust)) ? [$hip, 'hip'] : [$bust, 'bust'];
    }

    private static function stretched(Length $girth, Make $make): Length
    {
        return $girth->times(BigRational::of((string) (100 + $make->pattern->fabric->stretchPercent))->dividedBy(100));
    }
}

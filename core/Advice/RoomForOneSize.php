<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Planning\Choosing\AlternativeName;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** A garment so loose that nobody blends it to save an inch: then one size is offered, never taken by itself (common practice, no published source). */
final class RoomForOneSize
{
    /** Room as cut of so many times the usual least at every level makes a garment loose. */
    private const LOOSE = 3;

    /** The size that would serve all the way, as a place in the pattern's list; null where the make is in one already, or has less room. */
    public static function in(Plan $plan): ?int
    {
        $levels = array_filter($plan->levels);
        if (count(array_unique($plan->sizes->known())) < 2 || array_filter($levels, self::isLoose(...)) !== $levels) {
            return null;
        }
        foreach ($plan->alternatives() as $way) {
            if ($way->name === AlternativeName::OneSize) {
                return $way->sizes->first();
            }
        }

        return null;
    }

    private static function isLoose(LevelPlan $level): bool
    {
        $least = $level->facts->least;

        return $least !== null && $least->isPositive() && $level->easeAsCut !== null && $level->easeAsCut->nanometres >= self::LOOSE * $least->nanometres;
    }
}

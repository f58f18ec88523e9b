<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Altering\Take;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;

/** Why something is taken in or let out that nobody asked for: the least room that is kept asks for it. */
final class TakeReason
{
    /** In one clause that follows the amount; null where it was asked for, or is what the body differs by. */
    public static function of(LevelPlan $level, Plan $plan): ?string
    {
        [$facts, $taken] = [$level->facts, $level->taken];
        $left = $taken->leftOver;
        $isTaken = $taken->take !== null && $taken->take !== Take::Leave && $plan->make->choices->take($facts->level) === null;
        if ($left === null || $facts->least === null || ! $isTaken) {
            return null;
        }
        $kept = "so that {$plan->make->say($facts->least)} of room is left";
        $smaller = self::tooSmallAndNearer($facts, $level->size);
        $would = $smaller === null ? null : $facts->yourEase($smaller);

        return match (true) {
            $left->isNegative() => $facts->schoolAt($level->size) === EaseSchool::Chart ? $kept : null,
            $taken->all->isLessThan($left) => "no more, {$kept}",
            $would !== null => "{$plan->nameOf($smaller)} is nearer, but leaves {$plan->make->say($would)} of room",
            default => null,
        };
    }

    /** The next smaller size, where it would leave less over but not enough to move in. */
    private static function tooSmallAndNearer(LevelFacts $facts, int $size): ?int
    {
        $smaller = array_filter($facts->candidates(), static fn (int $one): bool => $one < $size);
        $next = $smaller === [] ? null : max($smaller);
        $over = $next === null ? null : $facts->leftOver($next)?->abs();
        $here = $facts->leftOver($size);

        return $over !== null && $here !== null && $over->isLessThan($here) && $facts->isTooSmall($next) ? $next : null;
    }
}

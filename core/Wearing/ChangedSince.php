<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;

/** What of a make is cut otherwise than when its verdict was kept: the verdict is of the garment as it was then. */
final class ChangedSince
{
    /** A room that differs by less feels alike: 1/4 in (common practice, no published source). */
    private const LEAST_NM = 6_350_000;

    /**
     * @param  array<string, string>  $sizes  of the verdict, by level, called as the plan calls them
     * @param  array<string, Length>  $ease  as cut, likewise
     * @return list<string> such as `bust 14, now 12` or `waist 8 cm of room, now 5 cm`
     */
    public static function of(array $sizes, array $ease, Plan $plan): array
    {
        $changed = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            $size = $plan->nameOf($level->size);
            if (($sizes[$name] ?? $size) !== $size) {
                $changed[] = "{$name} {$sizes[$name]}, now {$size}";
            } elseif (isset($ease[$name]) && $level->easeAsCut !== null && $ease[$name]->minus($level->easeAsCut)->abs()->nanometres > self::LEAST_NM) {
                $changed[] = "{$name} {$plan->make->say($ease[$name])} of room, now {$plan->make->say($level->easeAsCut)}";
            }
        }

        return $changed;
    }
}

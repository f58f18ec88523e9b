<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** The one plain sentence that stands on top of a plan. */
final class Headline
{
    public static function of(Plan $plan): string
    {
        $places = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            $places[$level->size][] = $name;
        }
        $parts = [];
        foreach ($places as $size => $levels) {
            $parts[] = "{$plan->nameOf($size)} at the ".implode(' and ', $levels);
        }

        return match (count($places)) {
            1 => "One size all the way: {$plan->nameOf(array_key_first($places))}.",
            2 => 'Two sizes, which is normal: '.implode(', ', $parts).'.',
            default => 'Three sizes, which is normal: '.implode(', ', $parts).'.',
        };
    }

    /** What goes with it, in one more plain sentence: how many steps, how hard, and what to watch. */
    public static function details(Plan $plan): string
    {
        $steps = array_filter($plan->steps, static fn (?Step $step): bool => $step !== null && $step->sizes > 0);
        $wide = count(array_filter($steps, static fn (?Step $step): bool => $step !== null && $step->sizes > 1));
        $said = match (count($steps)) {
            0 => 'No step to blend',
            1 => 'One step to blend',
            default => 'Two steps to blend',
        };
        $hard = match (true) {
            $steps === [] => '',
            $wide === 0 => ', easy',
            $wide === count($steps) => $wide === 1 ? ', a wide one' : ', both wide',
            default => ', one of them wide',
        };

        return "{$said}{$hard}; ".match (count($plan->cautions)) {
            0 => 'nothing to watch.',
            1 => 'one caution that matters.',
            default => count($plan->cautions).' cautions.',
        };
    }
}

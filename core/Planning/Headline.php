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
}

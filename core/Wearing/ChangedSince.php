<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Planning\Plan;

/** At which levels a make is cut in another size than when its verdict was kept: the verdict is of the garment as it was then. */
final class ChangedSince
{
    /**
     * @param  array<string, string>  $sizes  of the verdict, by level, called as the plan calls them
     * @return list<string> such as `bust 14, now 12`
     */
    public static function of(array $sizes, Plan $plan): array
    {
        $changed = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            $size = $plan->nameOf($level->size);
            if (($sizes[$name] ?? $size) !== $size) {
                $changed[] = "{$name} {$sizes[$name]}, now {$size}";
            }
        }

        return $changed;
    }
}

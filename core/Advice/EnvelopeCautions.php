<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** Whether every size that is cut is in an envelope that is there. */
final class EnvelopeCautions
{
    /** @return list<Caution> one for each envelope that is missing, naming all its levels */
    public static function of(Plan $plan): array
    {
        $missing = [];
        foreach ($plan->sizes->known() as $name => $size) {
            $level = Level::from($name);
            foreach (array_unique([$size, $plan->frontBack->front->at($level), $plan->frontBack->back->at($level)]) as $cut) {
                $range = $cut === null ? null : self::missing($plan, $cut);
                if ($cut !== null && $range !== null) {
                    // A name such as 8 would come back from the key as a number.
                    $missing[$range]['range'] = $range;
                    $missing[$range]['levels'][$name] = $level;
                    $missing[$range]['sizes'][$cut] = true;
                }
            }
        }
        $found = [];
        foreach ($missing as $what) {
            ksort($what['sizes']);
            $found[] = Caution::rangeNotOwned(
                array_values($what['levels']),
                $plan->make->pattern->sizesInWords(array_keys($what['sizes'])),
                $what['range'],
            );
        }

        return $found;
    }

    /** The envelope that a size is only in though it is not owned; null where one is. */
    private static function missing(Plan $plan, int $size): ?string
    {
        $missing = null;
        foreach ($plan->make->pattern->ranges as $range) {
            if ($range->draft === $plan->inPlay->draft && in_array($size, $range->sizes, true)) {
                if ($range->owned) {
                    return null;
                }
                $missing ??= $range->told();
            }
        }

        return $missing;
    }
}

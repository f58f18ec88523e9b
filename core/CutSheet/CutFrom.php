<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Pattern\Paper\PatternFile;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Plan;
use Underbolt\Work\ToBuy;

/** What of a pattern a make is cut from: which sheets of many are the right ones. It stands on every page that lies beside the cloth. */
final class CutFrom
{
    /** @return list<string> such as `cup C`, `Misses 0 to 20`, `view B`, `fit curvy`, `file sheet-2.pdf`; none where there is one of each */
    public static function words(Plan $plan, ToBuy $buy): array
    {
        $pattern = $plan->make->pattern;
        $choices = $plan->make->choices;

        return [
            ...($plan->cup !== null && $pattern->hasCups() ? ["cup {$plan->cup->letter}"] : []),
            ...(count($pattern->ranges) > 1 ? array_unique(array_map(static fn (Range $range): string => $range->told(), $buy->envelopes)) : []),
            ...($choices->view === null ? [] : ["view {$choices->view}"]),
            ...($choices->fit === null ? [] : ["fit {$choices->fit}"]),
            ...array_map(static fn (PatternFile $file): string => "file {$file->name}", $buy->files),
        ];
    }
}

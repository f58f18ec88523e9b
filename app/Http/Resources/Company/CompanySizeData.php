<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use Underbolt\Company\Row;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** The size of one level. */
final readonly class CompanySizeData
{
    /**
     * @param  value-of<Level>  $level
     * @param  string  $size  where there is little room; `18/14` where front and back are cut unlike
     * @param  int  $place  in the pattern's list of sizes, to sort by
     */
    private function __construct(
        public string $level,
        public string $size,
        public int $place,
    ) {
    }

    /** @return list<self> none where sizes are not named */
    public static function all(Row $row): array
    {
        return array_values(array_map(
            static fn (LevelPlan $level): self => new self($level->facts->level->value, self::named($level->facts->level, $row->plan), $level->size),
            $row->areSizesNamed() ? array_filter($row->plan->levels) : [],
        ));
    }

    private static function named(Level $level, Plan $plan): string
    {
        $cut = array_filter([$plan->frontBack->front->at($level), $plan->frontBack->back->at($level)], static fn (?int $size): bool => $size !== null);

        return implode('/', array_map($plan->make->pattern->shortNameOf(...), array_unique($cut)));
    }
}

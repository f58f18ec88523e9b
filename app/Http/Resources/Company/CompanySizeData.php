<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use Underbolt\Company\Row;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;

/** The size of one level. */
final readonly class CompanySizeData
{
    /**
     * @param  value-of<Level>  $level
     * @param  string  $size  where there is little room
     * @param  int  $place  in the pattern's list of sizes, to sort by
     */
    private function __construct(
        public string $level,
        public string $size,
        public int $place,
    ) {
    }

    /** @return list<self> */
    public static function all(Row $row): array
    {
        return array_values(array_map(
            static fn (LevelPlan $level): self => new self($level->facts->level->value, $row->plan->make->pattern->shortNameOf($level->size), $level->size),
            array_filter($row->plan->levels),
        ));
    }
}

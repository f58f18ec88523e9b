<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** A level as it is cut now: what a verdict is kept with. */
final readonly class WornLevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  ?string  $ease  as cut; null where it isn't known
     * @param  ?string  $said_ease  as it was cut when the verdict was given, in the unit in use
     */
    private function __construct(
        public string $level,
        public string $size,
        public ?string $ease,
        public ?string $said_ease,
    ) {
    }

    /**
     * @param  array<string, Length>  $said  ease as cut of a verdict, by level
     * @return list<self>
     */
    public static function all(Plan $plan, array $said): array
    {
        return array_values(array_map(static fn (LevelPlan $level): self => new self(
            $level->facts->level->value,
            $plan->nameOf($level->size),
            $level->easeAsCut === null ? null : LengthPrint::sentence($level->easeAsCut, $plan->make->unit),
            isset($said[$level->facts->level->value]) ? LengthPrint::sentence($said[$level->facts->level->value], $plan->make->unit) : null,
        ), array_filter($plan->levels)));
    }
}

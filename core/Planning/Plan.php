<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\LengthChanges;
use Underbolt\Pattern\Level;
use Underbolt\Seam\BlendLine;
use Underbolt\Seam\Station;

/** The answer for one make: a size at every level, the blend between them, and what to watch. */
final readonly class Plan
{
    /**
     * @param  array<string, ?LevelPlan>  $levels  by level; null where not measured, absent where the pattern has no row
     * @param  array{bust_waist: ?Step, waist_hip: ?Step}  $steps
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public Make $make,
        public SizesInPlay $inPlay,
        public Frame $frame,
        public array $levels,
        public array $steps,
        public LengthChanges $lengths,
        public BlendLine $blend,
        public array $cautions,
    ) {
    }

    /** @return list<Station> as far apart as the make asks */
    public function stations(): array
    {
        return $this->blend->stations($this->make->choices->stationEvery);
    }

    public function at(Level $level): ?LevelPlan
    {
        return $this->levels[$level->value] ?? null;
    }

    public function nameOf(int $size): string
    {
        return $this->make->pattern->sizes[$size];
    }
}

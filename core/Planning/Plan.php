<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LengthChanges;
use Underbolt\Pattern\Level;
use Underbolt\Seam\BlendLine;
use Underbolt\Seam\Station;
use Underbolt\Sizing\Cup;

/** The answer for one make: a size at every level, the blend between them, what to do, and what to watch. */
final readonly class Plan
{
    public Make $make;

    public SizesInPlay $inPlay;

    public ?Cup $cup;

    /**
     * @param  array<string, int>  $sizes  as chosen, by level, for those that are measured
     * @param  array<string, ?LevelPlan>  $levels  by level; null where not measured, absent where the pattern has no row
     * @param  array{bust_waist: ?Step, waist_hip: ?Step}  $steps
     * @param  ?BustAdjustment  $bust  null where it can't be told
     * @param  ?SideSeam  $seam  null where the lines can't be drawn
     * @param  list<Caution>  $cautions
     */
    public function __construct(
        public Situation $situation,
        public Frame $frame,
        public array $sizes,
        public array $levels,
        public array $steps,
        public ?BustAdjustment $bust,
        public LengthChanges $lengths,
        public BlendLine $blend,
        public ?SideSeam $seam,
        public array $cautions,
    ) {
        $this->make = $situation->make;
        $this->inPlay = $situation->inPlay;
        $this->cup = $situation->cup;
    }

    /** @return list<Station> as far apart as the make asks */
    public function stations(): array
    {
        return $this->blend->stations($this->make->choices->stationEvery);
    }

    /** @return list<Alternative> best, one size, closest, least work */
    public function alternatives(): array
    {
        return Planner::of($this->situation)->alternatives();
    }

    /** @return array<string, list<Opinion>> by level, for those that are measured */
    public function opinions(): array
    {
        return array_map(fn ($facts): array => Opinions::at($facts, $this->make), $this->situation->measured());
    }

    public function work(): WorkPlan
    {
        return WorkPlan::of($this->make, $this->sizes, $this->lengths, $this->bust, $this->frontBack());
    }

    /** @return list<FrontBack> the levels at which front and back are cut in unlike sizes */
    public function frontBack(): array
    {
        return FrontBack::all($this->situation, $this->sizes);
    }

    /** @return list<PieceCut> */
    public function pieces(): array
    {
        return PieceCut::all($this->situation, $this->sizes, $this->frame->size);
    }

    /** @return list<Need> */
    public function needs(): array
    {
        return Need::all($this->make, $this->sizes);
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

<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Level;
use Underbolt\Seam\BlendLine;
use Underbolt\Seam\BlendSegment;
use Underbolt\Seam\Gap;
use Underbolt\Seam\SeamDepths;

/** Lays the blend line through the sizes chosen at the levels. */
final readonly class Blend
{
    /** @param  array<string, ?LevelPlan>  $levels */
    private function __construct(private Make $make, private array $levels)
    {
    }

    /** @param  array<string, ?LevelPlan>  $levels */
    public static function of(Make $make, array $levels, SeamDepths $depths): BlendLine
    {
        $self = new self($make, $levels);

        return new BlendLine(
            $depths,
            $depths->waist === null ? null : $self->segment(Level::Bust, Level::Waist, Length::zero(), $depths->waist, Length::zero()),
            $depths->waist === null || $depths->hip === null ? null
                : $self->segment(Level::Waist, Level::Hip, $depths->waist, $depths->hip, $make->choices->dwell),
        );
    }

    /** @param  Length  $dwell how far below the top the line stays on the upper size; at most half the way is used */
    private function segment(Level $upper, Level $lower, Length $top, Length $end, Length $dwell): ?BlendSegment
    {
        $above = $this->levels[$upper->value] ?? null;
        $below = $this->levels[$lower->value] ?? null;
        if ($above === null || $below === null) {
            return null;
        }

        return new BlendSegment(
            $this->make->pattern->sizes[$above->size],
            $this->make->pattern->sizes[$below->size],
            $top,
            $top->plus($dwell->shorter($end->minus($top)->dividedBy(2))),
            $end,
            $this->make->choices->blend,
            Gap::between($above->facts, $above->size, $below->size),
            Gap::between($below->facts, $above->size, $below->size),
        );
    }
}

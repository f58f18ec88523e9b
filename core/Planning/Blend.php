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
    /** @param  array<string, int>  $sizes by level, for those that are measured */
    private function __construct(private Situation $situation, private array $sizes)
    {
    }

    /** @param  array<string, int>  $sizes by level, for those that are measured */
    public static function of(Situation $situation, array $sizes, SeamDepths $depths): BlendLine
    {
        $self = new self($situation, $sizes);

        return new BlendLine(
            $depths,
            $depths->waist === null ? null : $self->segment(Level::Bust, Level::Waist, Length::zero(), $depths->waist, Length::zero()),
            $depths->waist === null || $depths->hip === null ? null
                : $self->segment(Level::Waist, Level::Hip, $depths->waist, $depths->hip, $situation->make->choices->dwell),
        );
    }

    /** @param  Length  $dwell how far below the top the line stays on the upper size; at most half the way is used */
    private function segment(Level $upper, Level $lower, Length $top, Length $end, Length $dwell): ?BlendSegment
    {
        $above = $this->situation->facts[$upper->value] ?? null;
        $below = $this->situation->facts[$lower->value] ?? null;
        if ($above === null || $below === null) {
            return null;
        }
        $from = $this->sizes[$upper->value];
        $to = $this->sizes[$lower->value];

        return new BlendSegment(
            $this->situation->make->pattern->sizes[$from],
            $this->situation->make->pattern->sizes[$to],
            $top,
            $top->plus($dwell->shorter($end->minus($top)->dividedBy(2))),
            $end,
            $this->situation->make->choices->blend,
            Gap::between($above, $from, $to),
            Gap::between($below, $from, $to),
        );
    }
}

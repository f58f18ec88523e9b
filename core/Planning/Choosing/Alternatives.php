<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** All ways to choose the sizes, each where it makes sense, with what it costs. Ignores the clips. */
final readonly class Alternatives
{
    /** One size for all is no way out where a level lacks more than this: 4 in (common practice, no published source). */
    private const MOST_LACKING_NM = 101_600_000;

    /** Nor is a bust brought nearer by an adjustment of more than this (common practice, no published source). */
    private const MOST_ADJUSTED_NM = 101_600_000;

    /** @param  array<string, LevelFacts>  $facts  by level */
    private function __construct(
        private Situation $situation,
        private array $facts,
        private Planner $planner,
        private Receipt $receipt,
        public Sizes $best,
    ) {
    }

    public static function of(Situation $situation): self
    {
        $planner = Planner::of($situation);

        return new self($situation, $situation->measured(), $planner, new Receipt($situation, $planner->levels, $planner->steps), $planner->best());
    }

    /** @return list<Alternative> best, one size, closest, by finished, nearer: those that there are */
    public function all(): array
    {
        $closest = $this->planner->closest();
        $oneSize = $this->oneSize();
        $byFinished = $this->byFinished();
        $known = array_filter([$this->best, $oneSize, $closest]);
        $isNew = $byFinished !== null && array_filter($known, static fn (Sizes $sizes): bool => $sizes->equals($byFinished)) === [];
        $total = $this->lookedUpAdjustment();

        return array_values(array_filter([
            $this->receipt->alternative(AlternativeName::Best, $this->best, $total),
            $oneSize === null ? null : $this->receipt->alternative(AlternativeName::OneSize, $oneSize, $total),
            $this->receipt->alternative(AlternativeName::Closest, $closest, $total),
            $isNew ? $this->receipt->alternative(AlternativeName::ByFinished, $byFinished, $total) : null,
            $this->nearer(),
        ]));
    }

    /**
     * The best of some sizes alone, such as those of the envelopes that are owned.
     *
     * @param  non-empty-list<int>  $sizes
     */
    public function within(array $sizes): Alternative
    {
        $way = $this->planner->within($sizes);
        $bust = $this->facts['bust'] ?? null;
        $total = $bust === null || $way->bust === null ? null : $bust->adjustmentAt($way->bust);

        return $this->receipt->alternative(AlternativeName::Owned, $way, $total ?? Length::zero());
    }

    /** Any sizes, such as those that clips were set on. */
    public function costOf(Sizes $sizes): Alternative
    {
        return $this->receipt->alternative(AlternativeName::Best, $sizes, $this->lookedUpAdjustment());
    }

    /**
     * All levels alike: the frame's size where it is fixed, else the smallest that every level has and that
     * is not smaller than what a level which counts would pick by itself.
     */
    public function oneSize(): ?Sizes
    {
        $frame = $this->situation->lookup?->chart->size;
        $size = $frame === null ? $this->commonSize() : ($this->refuses($frame) === null ? $frame : null);

        return $size === null ? null : Sizes::each(fn (Level $level): ?int => isset($this->facts[$level->value]) ? $size : null);
    }

    /** The first level at which the frame's size has no figure, or lacks too much, for one size all the way; null where it serves, or none leads. */
    public function refusedAt(): ?Level
    {
        $frame = $this->situation->lookup?->chart->size;

        return $frame === null ? null : $this->refuses($frame)?->level;
    }

    private function refuses(int $frame): ?LevelFacts
    {
        foreach ($this->facts as $facts) {
            $lacks = $facts->leftOver($frame)->nanometres ?? 0;
            if (! $facts->isFree() && (! $facts->isCandidate($frame) || $lacks < -self::MOST_LACKING_NM)) {
                return $facts;
            }
        }

        return null;
    }

    private function commonSize(): ?int
    {
        $common = array_values(
            array_intersect(...array_map(static fn (LevelFacts $facts): array => $facts->candidates(), array_values($this->facts))),
        );
        if ($common === []) {
            return null;
        }
        $counting = array_filter($this->facts, static fn (LevelFacts $facts): bool => ! $facts->isFree());
        $own = array_map(static fn (LevelFacts $facts): int => $facts->own, $counting === [] ? $this->facts : $counting);
        $least = $counting === [] ? min([PHP_INT_MAX, ...$own]) : max([0, ...$own]);
        $large = array_filter($common, static fn (int $size): bool => $size >= $least);
        $bust = $this->facts['bust'] ?? null;
        $moves = $bust?->isFree() === true ? array_filter($large, static fn (int $size): bool => ! $bust->isTooSmall($size)) : [];

        return $large === [] ? max($common) : min($moves === [] ? $large : $moves);
    }

    /** The bust keeps its size, and below it the finished garment is asked whether there is room. */
    private function byFinished(): ?Sizes
    {
        $bust = $this->facts['bust'] ?? null;
        $anchor = $bust === null || $bust->isFree() ? $this->facts['waist'] ?? null : $bust;
        $others = array_filter($this->facts, static fn (LevelFacts $facts): bool => $facts !== $anchor && ! $facts->isFree());
        if ($anchor === null || array_filter($others, static fn (LevelFacts $facts): bool => $facts->finished !== null) === []) {
            return null;
        }
        $sizes = (new Sizes)->with($anchor->level, $anchor->own);
        foreach ($others as $facts) {
            $sizes = $sizes->with($facts->level, self::withRoom($facts, $anchor->own));
        }
        foreach ($this->facts as $facts) {
            if ($facts->isFree() && $facts !== $anchor) {
                $leader = SizePick::leader($this->situation, $facts->level, $anchor);
                $follows = $facts->level === Level::Bust ? null : $leader;
                $sizes = $sizes->with($facts->level, $follows === null ? $facts->own : $sizes->at($follows));
            }
        }

        return $sizes;
    }

    /** The smallest size with room, not smaller than the anchor's; the largest with a finished figure where none has. */
    private static function withRoom(LevelFacts $facts, int $anchor): int
    {
        $finished = array_filter($facts->candidates(), static fn (int $size): bool => $facts->finishedAt($size) !== null);
        $wide = array_filter($finished, static fn (int $size): bool => $size >= $anchor && $facts->hasRoom($size));

        return match (true) {
            $finished === [] => $facts->own,
            $wide === [] => max($finished),
            default => min($wide),
        };
    }

    /** The bust brought nearer the waist, and adjusted: instead of a step that bends the seam. */
    private function nearer(): ?Alternative
    {
        $bust = $this->facts['bust'] ?? null;
        $step = $this->best->step(Level::Bust, Level::Waist);
        $most = $this->situation->make->choices->largestStep;
        $waist = $this->best->waist;
        $leads = $this->situation->lookup === null && $this->situation->lead->lead === Lead::FullBust;
        if ($bust === null || $bust->body === null || $bust->isFree() || $waist === null || ! $leads || $step === null || $step <= $most) {
            return null;
        }
        $size = $waist + ($this->best->bust < $waist ? -$most : $most);
        $total = in_array($size, $this->situation->inPlay->sizes, true) ? $bust->chart->over($size, $bust->body)?->negated() : null;
        if ($total === null || $total->abs()->nanometres > self::MOST_ADJUSTED_NM) {
            return null;
        }

        return $this->receipt->alternative(
            AlternativeName::Nearer,
            $this->best->with(Level::Bust, $size),
            $total->abs()->nanometres < LevelFacts::LEAST_ADJUSTMENT_NM ? Length::zero() : $total,
            adjustsBust: true,
        );
    }

    private function lookedUpAdjustment(): Length
    {
        $frame = $this->situation->lookup?->chart->size;

        return ($frame === null ? null : ($this->facts['bust'] ?? null)?->adjustmentAt($frame)) ?? Length::zero();
    }
}

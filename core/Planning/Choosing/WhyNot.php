<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Measure\Length;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** Answers "why not this size?" for any size at a level, with figures. */
final readonly class WhyNot
{
    private function __construct(private LevelFacts $facts, private Situation $situation, private Sizes $sizes)
    {
    }

    /**
     * @param  Sizes  $sizes  those of the plan that it is asked of
     * @return array<int, string> by size, for all in play
     */
    public static function at(LevelFacts $facts, Situation $situation, Sizes $sizes): array
    {
        $self = new self($facts, $situation, $sizes);
        $all = [];
        foreach ($situation->inPlay->sizes as $size) {
            $all[$size] = $self->answer($size);
        }

        return $all;
    }

    private function answer(int $size): string
    {
        $name = $this->situation->make->pattern->sizes[$size];
        if (! $this->facts->isCandidate($size)) {
            return "{$name} has no figure printed here, so nothing tells how it fits.";
        }

        $parts = [$this->leaves($size), $this->frame($size), $this->tooSmall($size), $this->costs($size)];

        return "{$name} ".implode('; ', array_filter($parts, static fn (?string $part): bool => $part !== null)).'.';
    }

    private function leaves(int $size): string
    {
        $left = $this->facts->leftOver($size);
        $adjusted = $this->adjustment($size);

        return match (true) {
            $left === null => 'can\'t be compared: a figure is missing',
            ! $left->isZero() => "has {$this->situation->make->leftOver($left)}",
            $adjusted->isZero() => 'fits as it is',
            default => "fits with a bust adjustment of {$this->situation->make->say($adjusted->abs())}",
        };
    }

    /** Where another measure than the level's own gives the frame, that is what speaks against every other size. */
    private function frame(int $size): ?string
    {
        $frame = $this->facts->frame;
        $lookup = $this->situation->lookup;

        return $frame === null || $frame === $size || $lookup === null
            ? null
            : "the {$lookup->point->words()} asks for {$this->situation->make->pattern->sizes[$frame]}";
    }

    private function adjustment(int $size): Length
    {
        return $this->facts->adjustmentAt($size) ?? Length::zero();
    }

    private function tooSmall(int $size): ?string
    {
        if (! $this->facts->isTooSmall($size)) {
            return null;
        }
        $lacks = $this->facts->lacks($size);

        return $lacks === null
            ? 'it is smaller than what the level asks for'
            : "too small to move in by {$this->situation->make->say($lacks)}";
    }

    private function costs(int $size): string
    {
        if ($this->sizes->at($this->facts->level) === $size) {
            return 'it is the one that is cut';
        }
        $more = round($this->cost($this->sizes->with($this->facts->level, $size)) - $this->cost($this->sizes), 2);

        return match (true) {
            $more > 0 => "fit and work together it costs {$more} more",
            $more < 0 => 'fit and work together it costs '.abs($more).' less',
            default => 'fit and work together it costs the same',
        };
    }

    private function cost(Sizes $sizes): float
    {
        $weights = $this->situation->make->choices->weights;
        $size = $sizes->at($this->facts->level) ?? 0;

        $adjusted = $this->adjustment($size);
        $work = $adjusted->isZero() ? 0.0 : $weights->adjustment($adjusted->nanometres / LevelCosts::NANOMETRES_A_CM);

        return LevelCosts::of($this->facts, $weights)->fitOf($size) + (new StepCosts($this->situation))->all($sizes) + $work;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

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

        return "{$name} ".implode('; ', array_filter([$this->leaves($size), $this->tooSmall($size), $this->costs($size)], static fn (?string $part): bool => $part !== null)).'.';
    }

    private function leaves(int $size): string
    {
        $left = $this->facts->leftOver($size);

        return match (true) {
            $left === null => 'leaves what nobody can tell: a figure is missing',
            $left->isZero() => 'fits as it is',
            default => "has {$this->situation->make->leftOver($left)}",
        };
    }

    private function tooSmall(int $size): ?string
    {
        $body = $this->facts->body;
        if ($body === null || $this->facts->floor === null || ! $this->facts->isTooSmall($size)) {
            return null;
        }
        $finished = $this->facts->finishedAt($size);
        $lacks = $finished === null ? null : $body->plus($this->facts->floor)->minus($finished);

        return $lacks === null ? 'it is smaller than what the level asks for' : "too small to move in by {$this->situation->make->say($lacks)}";
    }

    private function costs(int $size): string
    {
        if ($this->sizes->at($this->facts->level) === $size) {
            return 'it is the one that is cut';
        }
        $more = round($this->cost($this->sizes->with($this->facts->level, $size)) - $this->cost($this->sizes), 2);

        return match (true) {
            $more > 0 => "fit and steps together it costs {$more} more",
            $more < 0 => 'fit and steps together it costs '.abs($more).' less',
            default => 'fit and steps together it costs the same',
        };
    }

    private function cost(Sizes $sizes): float
    {
        $weights = $this->situation->make->choices->weights;
        $size = $sizes->at($this->facts->level) ?? 0;

        return LevelCosts::of($this->facts, $weights)->fitOf($size) + $weights->steps($sizes);
    }
}

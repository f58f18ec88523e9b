<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\SizeChart;

/** All that is known at one level before a size is chosen there. Sizes are places in the pattern's list. */
final readonly class LevelFacts
{
    /**
     * @param  ?SizeChart  $finished  null where no finished figure is printed for any size in play
     * @param  positive-int  $edges  cut edges at this level
     */
    public function __construct(
        public Level $level,
        public Length $body,
        public SizeChart $chart,
        public ?SizeChart $finished,
        public BetweenRule $between,
        public EaseSchool $school,
        public ?Length $likedEase,
        public Length $leastEase,
        public int $edges,
    ) {
    }

    /** The same facts, looked at by another school. */
    public function under(EaseSchool $school): self
    {
        return new self($this->level, $this->body, $this->chart, $this->finished, $this->between, $school, $this->likedEase, $this->leastEase, $this->edges);
    }

    /** The finished girth that liked ease asks for; null where that school is not in force, or can't be followed at all. */
    public function wished(): ?Length
    {
        return $this->school === EaseSchool::Liked && $this->finished !== null && $this->likedEase !== null ? $this->body->plus($this->likedEase) : null;
    }

    public function finishedAt(int $size): ?Length
    {
        return $this->finished?->at($size);
    }

    /** Finished less chart body: the ease the size was drawn with. */
    public function draftedEase(int $size): ?Length
    {
        $chart = $this->chart->at($size);

        return $chart === null ? null : $this->finishedAt($size)?->minus($chart);
    }

    /** Finished less this body. */
    public function yourEase(int $size): ?Length
    {
        return $this->finishedAt($size)?->minus($this->body);
    }

    /** Whether a garment of this size leaves the least ease; a size with no finished figure is not refused. */
    public function leavesLeastEase(int $size): bool
    {
        $ease = $this->yourEase($size);

        return $ease === null || ! $ease->isLessThan($this->leastEase);
    }

    /** The school that can be followed for a size: liked ease needs a finished figure and a liked ease. */
    public function schoolFor(int $size): EaseSchool
    {
        $cannotLike = $this->likedEase === null || $this->finishedAt($size) === null;

        return $this->school === EaseSchool::Liked && $cannotLike ? EaseSchool::Drafted : $this->school;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\ChartSize;
use Underbolt\Sizing\LeftOver;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sure;

/** What the plan says at one level. Sizes are places in the pattern's list. */
final readonly class LevelPlan
{
    public ChartSize $chart;

    public ?Length $chartValue;

    public ?Length $finished;

    public ?Length $draftedEase;

    public ?Length $yourEase;

    public LeftOver $leftOver;

    /**
     * @param  int  $size  the size shown: by clip, by the planner, by the school in force, or that of the level it follows
     * @param  Length  $adjusted  what a bust adjustment adds there; 0 without one
     */
    public function __construct(public LevelFacts $facts, public int $size, Length $adjusted, public Sure $sure)
    {
        $this->chart = $facts->chart->sizeOf($facts->body, $facts->between);
        $this->chartValue = $facts->chart->at($size);
        $this->finished = $facts->finishedAt($size);
        $this->draftedEase = $facts->draftedEase($size);
        $this->yourEase = $facts->yourEase($size);
        $this->leftOver = LeftOver::at($facts, $size, $adjusted);
    }
}

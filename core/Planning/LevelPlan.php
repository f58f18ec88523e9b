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
     * @param  ?Length  $centreBack  how much of the left-over the centre back takes alone
     */
    public function __construct(public LevelFacts $facts, public int $size, Length $adjusted, public Sure $sure, public ?Length $centreBack = null)
    {
        $this->chart = $facts->chart->sizeOf($facts->body, $facts->between);
        $this->chartValue = $facts->chart->at($size);
        $this->finished = $facts->finishedAt($size);
        $this->draftedEase = $facts->draftedEase($size);
        $this->yourEase = $facts->yourEase($size);
        $left = LeftOver::at($facts, $size, $adjusted);
        $this->leftOver = $centreBack === null ? $left : $left->lessApart($centreBack, $facts->edges);
    }
}

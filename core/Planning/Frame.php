<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\ChartSize;
use Underbolt\Pattern\Level;

/** The size of shoulder, neck and armhole, and the look-up that led to it. */
final readonly class Frame
{
    /**
     * @param  ?int  $size  place in the pattern's list; null where the pattern has no bust
     * @param  ?Length  $measure  what was looked up
     * @param  string  $why  why this measure leads
     */
    private function __construct(public Lead $lead, public ?int $size, public ?Length $measure, public ?ChartSize $chart, public string $why)
    {
    }

    /** A clip on the bust is the frame, whatever was looked up. */
    public static function of(Situation $situation, ?LevelPlan $bust): self
    {
        $lead = $situation->lead;
        $lookup = $situation->lookup;

        return $lookup === null
            ? new self($lead->lead, $bust?->size, $bust?->facts->body, $bust?->chart, $lead->why)
            : new self($lead->lead, $situation->make->choices->clip(Level::Bust) ?? $lookup->chart->size, $lookup->measure, $lookup->chart, trim("{$lead->why} {$lookup->note}"));
    }
}

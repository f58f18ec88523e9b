<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Planning\Asked\Lead;

/** The size of shoulder, neck and armhole, and the look-up that led to it. */
final readonly class Frame
{
    /**
     * @param  ?int  $size  place in the pattern's list; null where the bust is not adjusted to a frame
     * @param  ?Length  $measure  what was looked up; likewise
     * @param  string  $why  why this measure leads
     */
    private function __construct(
        public Lead $lead,
        public ?int $size,
        public ?Length $measure,
        public ?ChartSize $chart,
        public string $why,
    ) {
    }

    /** @param  ?int  $bust  the size of the bust, which is the frame where one is looked up: a clip wins */
    public static function of(Situation $situation, ?int $bust): self
    {
        $lead = $situation->lead;
        $lookup = $situation->lookup;

        return $lookup === null
            ? new self($lead->lead, null, null, null, $lead->why)
            : new self($lead->lead, $bust, $lookup->measure, $lookup->chart, trim("{$lead->why} {$lookup->note}"));
    }
}

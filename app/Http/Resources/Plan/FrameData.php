<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Plan;

/** Shoulder, neck and armhole. */
final readonly class FrameData
{
    /**
     * @param  value-of<Lead>  $lead
     * @param  ?int  $measure_nm  what was looked up
     * @param  string  $range_why  why these envelopes
     */
    public function __construct(
        public string $lead,
        public string $why,
        public ?string $size,
        public ?int $measure_nm,
        public string $range_why,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $frame = $plan->frame;

        return new self(
            $frame->lead->value,
            $frame->why,
            $frame->size === null ? null : $plan->nameOf($frame->size),
            $frame->measure?->nanometres,
            $plan->inPlay->why,
        );
    }
}

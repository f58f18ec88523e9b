<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;

#[OA\Schema(description: 'shoulder, neck and armhole')]
final readonly class FrameData
{
    public function __construct(
        #[OA\Property(enum: ['full_bust', 'cup', 'high_bust', 'high_bust_as_is', 'cross_front'])] public string $lead,
        #[OA\Property] public string $why,
        #[OA\Property] public ?string $size,
        #[OA\Property(description: 'what was looked up')] public ?int $measure_nm,
        #[OA\Property(description: 'why these envelopes')] public string $range_why,
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

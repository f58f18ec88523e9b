<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\ChartSize;

/** The size of shoulder, neck and armhole, and the look-up that led to it. */
final readonly class Frame
{
    /**
     * @param  ?int  $size  place in the pattern's list; null where the pattern has no bust
     * @param  ?Length  $measure  what was looked up
     */
    public function __construct(public Lead $lead, public ?int $size, public ?Length $measure, public ?ChartSize $chart)
    {
    }
}

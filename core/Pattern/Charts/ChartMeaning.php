<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** What a printed chart figure means; maker and standards differ (trade: "what a chart number means"). */
enum ChartMeaning: string
{
    /** The largest body the size is meant for, as on many envelopes. */
    case UpperLimit = 'upper_limit';

    /** The middle of an interval of bodies, as in EN 13402-3. */
    case Middle = 'middle';

    /** What that says of a measure between two sizes. */
    public function betweenRule(): BetweenRule
    {
        return $this === self::UpperLimit ? BetweenRule::Up : BetweenRule::Nearest;
    }
}

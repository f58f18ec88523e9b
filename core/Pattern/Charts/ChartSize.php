<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** What a chart row says about one measure. Sizes are places in the pattern's list. */
final readonly class ChartSize
{
    /**
     * @param  ?int  $lower  the nearest size whose figure is not above the measure; null below the row
     * @param  ?int  $upper  the nearest size whose figure is not below it; null above the row
     */
    public function __construct(public int $size, public ChartPosition $standing, public ?int $lower, public ?int $upper)
    {
    }
}

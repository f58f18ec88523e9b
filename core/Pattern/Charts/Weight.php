<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** How much the fit at a level decides (trade: "what matters where"). */
enum Weight: string
{
    case Critical = 'critical';
    case Matters = 'matters';
    case Free = 'free';

    public function words(): string
    {
        return match ($this) {
            self::Critical => 'must fit',
            self::Matters => 'should fit',
            self::Free => 'needn\'t fit',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

/** What a make waits for, in the order of the work. */
enum NextStep: string
{
    case Measure = 'measure';
    case Decide = 'decide';
    case Table = 'table';
    case Fit = 'fit';
    case Worn = 'worn';

    /** @param  bool  $lacksMeasures  something that the plan needs isn't measured yet */
    public static function of(?Stage $furthest, bool $lacksMeasures): self
    {
        return match ($furthest) {
            Stage::Worn => self::Worn,
            Stage::Toile, Stage::Cut => self::Fit,
            Stage::Traced, Stage::Blended => self::Table,
            null => $lacksMeasures ? self::Measure : self::Decide,
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

/** What a make waits for, in the order of the work. */
enum NextStep: string
{
    case Measure = 'measure';
    case Decide = 'decide';
    case Trace = 'trace';
    case Table = 'table';
    case Fit = 'fit';
    case Worn = 'worn';

    /**
     * @param  bool  $lacksMeasures  something that the plan needs isn't measured yet
     * @param  bool  $isSettled  nothing is left to be settled before the paper is cut
     */
    public static function of(?Stage $furthest, bool $lacksMeasures, bool $isSettled): self
    {
        return match ($furthest) {
            Stage::Worn => self::Worn,
            Stage::Toile, Stage::Cut => self::Fit,
            Stage::Traced, Stage::Blended => self::Table,
            null => match (true) {
                $lacksMeasures => self::Measure,
                $isSettled => self::Trace,
                default => self::Decide,
            },
        };
    }
}

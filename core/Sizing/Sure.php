<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;

/** Whether one more reading could change a level's own pick: how far the next decision lies, against the spread of the readings. */
enum Sure: string
{
    case ByHand = 'by_hand';
    case Firm = 'firm';
    case NearTheEdge = 'near the edge';
    case MeasureAgain = 'measure again';

    /**
     * @param  Length  $spread  how far the true measure may lie off
     * @param  callable(Length): int  $sizeAfter  the size when the measure has moved so far
     * @param  int  $size  the size as it stands
     * @param  bool  $onFigure  whether the measure stands on a figure: that is good news, no reason to measure again
     */
    public static function of(Length $spread, callable $sizeAfter, int $size, bool $onFigure): self
    {
        $holds = static function (int $within) use ($sizeAfter, $size): bool {
            // Anything short of the margin changes nothing.
            $short = Length::ofNanometres($within - 1);

            return $sizeAfter($short) === $size && $sizeAfter(Length::ofNanometres(-$short->nanometres)) === $size;
        };

        return match (true) {
            $holds($spread->nanometres) => self::Firm,
            $onFigure, $holds(intdiv($spread->nanometres, 2)) => self::NearTheEdge,
            default => self::MeasureAgain,
        };
    }
}

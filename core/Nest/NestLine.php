<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;

/** The line of a make on its pattern's own drawing, in the millimetres of the drawing. */
final readonly class NestLine
{
    /**
     * @param  Line  $seam  the new side seam, from the underarm to the hem
     * @param  SeamLengths  $lengths  of it
     * @param  SeamLengths  $printed  of the frame size's seam as printed
     * @param  ?NewOutline  $outline  on the finished paper; null where the lines are open
     * @param  ?Line  $piece  the outline as drawn
     * @param  list<Line>  $levels  waist and hip, from the middle of the body to the seam
     * @param  list<Line>  $stations  a tick across the seam at each
     * @param  list<Line>  $notches  across the seam at waist and hip
     */
    private function __construct(
        public Line $seam,
        public SeamLengths $lengths,
        public SeamLengths $printed,
        public ?NewOutline $outline,
        public ?Line $piece,
        public array $levels,
        public array $stations,
        public array $notches,
    ) {
    }

    /** @throws UnreadableNest naming the mark that is missing or can't be */
    public static function of(Plan $plan, NestDrawing $drawing, NestMarks $marks): self
    {
        return self::along(NestSeam::of($plan, $drawing, $marks), $plan->make->choices->stationEvery);
    }

    /** @param  Length  $stationEvery  how far the ticks lie apart */
    public static function along(NestSeam $new, Length $stationEvery): self
    {
        $outline = NewOutline::of($new->bust, $new->hip, $new->seam, $new->changes[0], $new->changes[2]);
        $upSeam = $new->finished($new->seam);
        $piece = $outline === null ? null : $new->finished($outline->line);
        $heights = $new->heights();
        $drawn = $new->upright->drawn(...);

        return new self(
            seam: $drawn($upSeam),
            lengths: SeamLengths::of($upSeam, ...$heights),
            printed: $new->printed,
            outline: $outline,
            piece: $piece === null ? null : $drawn($piece),
            levels: array_map($drawn, NestTicks::levels($upSeam, $heights, ($piece ?? $upSeam)->box()[0])),
            stations: array_map($drawn, NestTicks::stations($upSeam, $stationEvery->nanometres / NestSeam::NM_OF_A_MM)),
            notches: array_map($drawn, NestTicks::notches($upSeam, $heights)),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** The line of a make on its pattern's own drawing, in the millimetres of the drawing. */
final readonly class NestLine
{
    private const NM_OF_A_MM = 1e6;

    /**
     * @param  Line  $seam  the new side seam, from the underarm to the hem
     * @param  SeamLengths  $lengths  of it
     * @param  SeamLengths  $printed  of the frame size's seam as printed
     * @param  ?NewOutline  $outline  on the finished paper; null where the lines are open
     * @param  ?Line  $piece  the outline as drawn
     * @param  list<Line>  $levels  waist and hip, from the middle of the body to the seam
     * @param  list<Line>  $stations  a tick across the seam at each
     * @param  list<Line>  $notches  across the seam at waist and hip
     * @param  NestStations  $measured  how far it stands from the printed lines
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
        public NestStations $measured,
    ) {
    }

    /** @throws UnreadableNest naming the mark that is missing or can't be */
    public static function of(Plan $plan, NestDrawing $drawing, NestMarks $marks): self
    {
        $upright = new Upright($marks);
        $sizes = array_map(static fn (Level $level): string => self::sizeAt($plan, $marks, $level), [Level::Bust, Level::Waist, Level::Hip]);
        $lines = [];
        foreach ($sizes as $size) {
            $lines[$size] ??= SizeLine::of($size, $drawing, $marks, $upright);
        }
        [$bust, $waist, $hip] = array_map(static fn (string $size): SizeLine => $lines[$size], $sizes);
        $cut = $marks->isFront ? $plan->front : $plan->back;
        $changes = [self::mm($cut->changeAt(Level::Bust)), self::mm($cut->changeAt(Level::Waist)), self::mm($cut->changeAt(Level::Hip))];
        $bands = LengthBands::of($marks, self::mm($plan->lengths->aboveWaist), self::mm($plan->lengths->belowWaist), $bust->underarmY());
        $isLengthFirst = $plan->lengths->order === WorkOrder::LengthFirst;
        $printed = SeamLengths::of($bust->seam, $marks->waistY, $marks->hipY);
        [$waistY, $hipY] = [$marks->waistY, $marks->hipY];
        if ($isLengthFirst) {
            [$bust, $waist, $hip] = [$bust->lengthened($bands), $waist->lengthened($bands), $hip->lengthened($bands)];
            [$waistY, $hipY] = [$bands->place([0.0, $waistY])[1], $bands->place([0.0, $hipY])[1]];
        }
        $choices = $plan->make->choices;
        $seam = SeamBlend::of($bust, $waist, $hip, $waistY, $hipY, $choices->blend, self::mm($choices->dwell), $changes);
        $outline = NewOutline::of($bust, $hip, $seam, $changes[0], $changes[2]);
        $finished = static fn (Line $line): Line => $isLengthFirst ? $line : $bands->on($line);
        $heights = $isLengthFirst ? [$waistY, $hipY] : [$bands->place([0.0, $waistY])[1], $bands->place([0.0, $hipY])[1]];
        $upSeam = $finished($seam);
        $piece = $outline === null ? null : $finished($outline->line);

        return new self(
            seam: $upright->drawn($upSeam),
            lengths: SeamLengths::of($upSeam, ...$heights),
            printed: $printed,
            outline: $outline,
            piece: $piece === null ? null : $upright->drawn($piece),
            levels: array_map($upright->drawn(...), NestTicks::levels($upSeam, $heights, ($piece ?? $upSeam)->box()[0])),
            stations: array_map($upright->drawn(...), NestTicks::stations($upSeam, self::mm($choices->stationEvery))),
            notches: array_map($upright->drawn(...), NestTicks::notches($upSeam, $heights)),
            measured: new NestStations($seam, $bust, $waist, $hip, $waistY, $hipY),
        );
    }

    /** @throws UnreadableNest where the plan has no size there */
    private static function sizeAt(Plan $plan, NestMarks $marks, Level $level): string
    {
        $size = ($marks->isFront ? $plan->frontBack->front : $plan->frontBack->back)->at($level);

        return $size === null
            ? throw UnreadableNest::at('make', "the plan has no size at the {$level->value}, so there is no line to draw")
            : $plan->nameOf($size);
    }

    private static function mm(?Length $length): float
    {
        return ($length->nanometres ?? 0) / self::NM_OF_A_MM;
    }
}

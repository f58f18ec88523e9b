<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;

/** The line of a make on its pattern's own drawing, in the millimetres of the drawing. */
final readonly class NestLine
{
    /** Where the seam is held in is marked so far within it. */
    private const EASED_MM = 5.0;

    /**
     * @param  Line  $seam  the new side seam, from the underarm to the hem
     * @param  SeamLengths  $lengths  of it
     * @param  SeamLengths  $printed  of the frame size's seam as printed
     * @param  ?NewOutline  $outline  on the finished paper; null where the lines are open
     * @param  ?Line  $piece  the outline as drawn
     * @param  list<Line>  $levels  waist and hip, from the middle of the body to the seam
     * @param  list<Line>  $stations  a tick across the seam at each
     * @param  list<Line>  $notches  across the seam at waist and hip
     * @param  list<Line>  $grain  an arrow down the piece
     * @param  float  $foldX  where the middle of the body lies on the drawing once it stands upright
     * @param  ?LineIs  $lineIs  what the seam is, as the sizes are drawn; null where that isn't said
     * @param  ?Line  $eased  where the seam is held in while it is sewn
     * @param  ?Line  $beside  the other of cutting and stitching line, a seam allowance away; null where one of the two isn't known
     */
    private function __construct(
        public Reach $reach,
        public Line $seam,
        public SeamLengths $lengths,
        public SeamLengths $printed,
        public ?NewOutline $outline,
        public ?Line $piece,
        public array $levels,
        public array $stations,
        public array $notches,
        public array $grain,
        public float $foldX,
        public ?LineIs $lineIs,
        public ?Line $beside,
        public ?Line $eased = null,
    ) {
    }

    /** How long its edge at the waist seam is, in millimetres; null where it has none, or its line is open. */
    public function waistMm(): ?float
    {
        return match ($this->reach) {
            Reach::Whole => null,
            Reach::ToWaist => $this->outline?->hemMm,
            Reach::FromWaist => $this->outline?->armholeMm,
        };
    }

    /** @throws UnreadableNest naming the mark that is missing or can't be */
    public static function of(Plan $plan, NestDrawing $drawing, NestMarks $marks): self
    {
        return self::along(NestSeam::of($plan, $drawing, $marks), $plan->make->choices->stationEvery, $marks->lineIs, $plan->make->pattern->seam->seamAllowance);
    }

    /**
     * @param  Length  $stationEvery  how far the ticks lie apart
     * @param  ?LineIs  $lineIs  null where it isn't said
     * @param  ?Length  $allowance  null where it isn't known
     * @param  float  $offHemMm  so much shorter it ends at the hem
     * @param  ?int  $easedPart  which part is held in while it is sewn, from the top down
     */
    public static function along(NestSeam $new, Length $stationEvery, ?LineIs $lineIs = null, ?Length $allowance = null, float $offHemMm = 0.0, ?int $easedPart = null): self
    {
        $seam = $offHemMm > 0.0 ? $new->seam->between(0.0, $new->seam->length() - $offHemMm) : $new->seam;
        $outline = NewOutline::of($new->bust, $new->hip, $seam, $new->changes[0], $new->changes[2], $new->reach === Reach::FromWaist);
        $upSeam = $new->finished($seam);
        $piece = $outline === null ? null : $new->finished($outline->line);
        $heights = $new->heights();
        // At its own end a piece needs neither notch nor level.
        $inner = match ($new->reach) {
            Reach::Whole => $heights,
            Reach::ToWaist => [],
            Reach::FromWaist => [$heights[1]],
        };
        $drawn = $new->upright->drawn(...);
        $foldX = ($piece ?? $upSeam)->box()[0];
        $out = ($allowance->nanometres ?? 0) / NestSeam::NM_OF_A_MM * ($lineIs === LineIs::Cutting ? -1 : 1);

        $lengths = SeamLengths::of($upSeam, ...$heights);

        return new self(
            reach: $new->reach,
            seam: $drawn($upSeam),
            lengths: $lengths,
            printed: $new->printed,
            outline: $outline,
            piece: $piece === null ? null : $drawn($piece),
            levels: array_map($drawn, NestTicks::levels($upSeam, $inner, $foldX)),
            stations: array_map($drawn, NestTicks::stations($upSeam, $stationEvery->nanometres / NestSeam::NM_OF_A_MM)),
            notches: array_map($drawn, NestTicks::notches($upSeam, $inner)),
            grain: array_map($drawn, NestTicks::grain($upSeam, $foldX)),
            foldX: $foldX,
            lineIs: $lineIs,
            beside: $lineIs === null || $out === 0.0 ? null : $drawn(BesideLine::of($upSeam, $out)),
            eased: $easedPart === null ? null : $drawn(BesideLine::of($upSeam->between(...$lengths->ways($easedPart)), -self::EASED_MM)),
        );
    }
}

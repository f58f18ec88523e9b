<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** The new side seam on an upright drawing, with all that it was blended from: on the paper at the moment of drawing, in millimetres. */
final readonly class NestSeam
{
    public const NM_OF_A_MM = 1e6;

    /**
     * @param  Line  $seam  from the underarm to the hem
     * @param  array{float, float, float}  $changes  at bust, waist and hip, outward positive
     * @param  SeamLengths  $printed  of the frame size's seam as printed
     */
    private function __construct(
        public Upright $upright,
        public bool $isFront,
        public Reach $reach,
        public SizeLine $bust,
        public SizeLine $waist,
        public SizeLine $hip,
        public Line $seam,
        public float $waistY,
        public float $hipY,
        public array $changes,
        public SeamLengths $printed,
        private LengthBands $bands,
        private bool $isLengthFirst,
    ) {
    }

    /** @throws UnreadableNest naming the mark that is missing or can't be */
    public static function of(Plan $plan, NestDrawing $drawing, NestMarks $marks): self
    {
        $upright = new Upright($marks);
        $levels = self::levels($marks->reach);
        $sizes = array_map(static fn (Level $level): string => self::sizeAt($plan, $marks, $level), $levels);
        $lines = [];
        foreach ($sizes as $size) {
            $lines[$size] ??= SizeLine::of($size, $drawing, $marks, $upright);
        }
        [$bust, $waist, $hip] = array_map(static fn (string $size): SizeLine => $lines[$size], $sizes);
        $cut = $marks->isFront ? $plan->front : $plan->back;
        [$atBust, $atWaist, $atHip] = array_map(static fn (Level $level): float => self::mm($cut->changeAt($level)), $levels);
        $changes = [$atBust, $atWaist, $atHip];
        $marks = match ($marks->reach) {
            Reach::Whole => $marks,
            Reach::ToWaist => $marks->with(waistY: $bust->hemY(), hipY: $bust->hemY()),
            Reach::FromWaist => $marks->with(waistY: $waist->underarmY()),
        };
        $bands = LengthBands::of(
            $marks,
            $marks->reach === Reach::FromWaist ? 0.0 : self::mm($plan->lengths->aboveWaist),
            $marks->reach === Reach::ToWaist ? 0.0 : self::mm($plan->lengths->belowWaist),
            $bust->underarmY(),
        );
        $isLengthFirst = $plan->lengths->order === WorkOrder::LengthFirst;
        $printed = SeamLengths::of($bust->seam, $marks->waistY, $marks->hipY);
        [$waistY, $hipY] = [$marks->waistY, $marks->hipY];
        if ($isLengthFirst) {
            [$bust, $waist, $hip] = [$bust->lengthened($bands), $waist->lengthened($bands), $hip->lengthened($bands)];
            [$waistY, $hipY] = [$bands->place([0.0, $waistY])[1], $bands->place([0.0, $hipY])[1]];
        }
        $choices = $plan->make->choices;

        return new self(
            upright: $upright,
            isFront: $marks->isFront,
            reach: $marks->reach,
            bust: $bust,
            waist: $waist,
            hip: $hip,
            seam: SeamBlend::of($marks->reach, $bust, $waist, $hip, $waistY, $hipY, $choices->blend, self::mm($choices->dwell), $changes),
            waistY: $waistY,
            hipY: $hipY,
            changes: $changes,
            printed: $printed,
            bands: $bands,
            isLengthFirst: $isLengthFirst,
        );
    }

    /** How far it stands from the printed lines. */
    public function measured(): NestStations
    {
        return new NestStations($this->seam, $this->bust, $this->waist, $this->hip, $this->waistY, $this->hipY);
    }

    /** A line as it lies once the lengths are changed as well. */
    public function finished(Line $line): Line
    {
        return $this->isLengthFirst ? $line : $this->bands->on($line);
    }

    /** @return array{float, float} of waist and hip, likewise */
    public function heights(): array
    {
        return $this->isLengthFirst
            ? [$this->waistY, $this->hipY]
            : [$this->bands->place([0.0, $this->waistY])[1], $this->bands->place([0.0, $this->hipY])[1]];
    }

    /** @return array{Level, Level, Level} of which levels it has sizes at the top, in the middle and at the end */
    private static function levels(Reach $reach): array
    {
        return match ($reach) {
            Reach::Whole => [Level::Bust, Level::Waist, Level::Hip],
            Reach::ToWaist => [Level::Bust, Level::Waist, Level::Waist],
            Reach::FromWaist => [Level::Waist, Level::Waist, Level::Hip],
        };
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

<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

/** Two pieces of a tape that goes round a body: its tip, and where the tip meets it again. Counted in its smallest strokes. */
final readonly class TapePiece
{
    /**
     * @param  int  $tip  what stands at its tip
     * @param  int  $meets  what stands where the tip meets it
     */
    public function __construct(public Unit $unit, public int $tip, public int $meets)
    {
    }

    /** Strokes between two figures: millimetres, or eighths of an inch. */
    public static function strokes(Unit $unit): int
    {
        return $unit === Unit::Centimetre ? 10 : 8;
    }

    public function girth(): Length
    {
        return $this->lengthOf(abs($this->meets - $this->tip));
    }

    /** Within half a stroke nobody reads otherwise. */
    public function readsAs(Length $typed): bool
    {
        return ! $this->lengthOf(1)->dividedBy(2)->isLessThan($typed->minus($this->girth())->abs());
    }

    public function words(): string
    {
        return "At its tip stands {$this->figure($this->tip)}, where the tip meets it {$this->figure($this->meets)}.";
    }

    /** A figure of the tape. */
    public function figure(int $strokes): string
    {
        return LengthPrint::sentence($this->lengthOf($strokes), $this->unit);
    }

    private function lengthOf(int $strokes): Length
    {
        return Length::ofNanometres(intdiv($strokes * $this->unit->nanometres(), self::strokes($this->unit)));
    }
}

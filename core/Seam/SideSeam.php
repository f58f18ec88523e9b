<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Sizing\LevelFacts;

/** How long the new side seam is and how steep, and whether front and back still match. */
final readonly class SideSeam
{
    /** Front and back seams that differ by more than this don't go together: 3 mm (common practice, no published source). */
    private const MOST_DIFFERENCE_NM = 3_000_000;

    /** A line that goes further sideways than one in four downwards shows (common practice, no published source). */
    private const STEEP = 0.25;

    /**
     * @param  Length  $front  of the new line in front, from the first level to the last
     * @param  Length  $back  the same behind; as long as the front unless the two are cut unlike
     * @param  Length  $printed  of the upper size's own line
     * @param  float  $steepest  what blend and change add sideways for each step down, at their steepest
     */
    private function __construct(public Length $front, public Length $back, public Length $printed, public float $steepest)
    {
    }

    /**
     * Null where the lines can't be drawn: fewer than two levels with their depth, or no figures.
     *
     * @param  array<string, LevelFacts>  $facts  by level
     */
    public static function of(CutLine $front, CutLine $back, array $facts): ?self
    {
        $at = $front->depths->at($front->sizes);
        if (count($at) < 2) {
            return null;
        }
        $sizes = array_values(array_unique([...array_values($front->sizes->known()), ...array_values($back->sizes->known())]));
        $lines = PrintedLines::of($facts, $at, $sizes);
        $frontSeam = self::seam($front, $lines);
        $backSeam = $front->isLike($back) ? $frontSeam : self::seam($back, $lines);
        $own = $lines[$front->sizes->known()[array_key_first($at)]] ?? null;
        if ($frontSeam === null || $backSeam === null || $own === null) {
            return null;
        }

        return new self(
            $frontSeam[0],
            $backSeam[0],
            SeamLength::of($front->levelDepths(), $own->slope(...)),
            max($frontSeam[1], $backSeam[1]),
        );
    }

    public function difference(): Length
    {
        return $this->front->minus($this->back);
    }

    public function matches(): bool
    {
        return $this->difference()->abs()->nanometres <= self::MOST_DIFFERENCE_NM;
    }

    public function isSteep(): bool
    {
        return $this->steepest > self::STEEP;
    }

    /**
     * @param  array<int, PrintedLine>  $lines
     * @return ?array{Length, float} its length and how steep it is; null where a line can't be drawn
     */
    private static function seam(CutLine $cut, array $lines): ?array
    {
        $length = Length::zero();
        $steepest = 0.0;
        $breaks = $cut->breaks();
        foreach (array_slice($breaks, 1) as $index => $end) {
            $middle = intdiv($breaks[$index] + $end, 2);
            $stretch = $cut->stretchAt(Length::ofNanometres($middle));
            $line = $lines[$cut->sizeAt(Length::ofNanometres($middle)) ?? -1] ?? null;
            if ($stretch === null || $line === null || $stretch->slope($middle) === null) {
                return null;
            }
            $part = [$breaks[$index], $end];
            $move = static fn (float $depth): float => $stretch->slope($depth) ?? 0.0;
            $length = $length->plus(SeamLength::of($part, static fn (float $depth): float => $line->slope($depth) + $move($depth)));
            $steepest = max($steepest, SeamLength::steepest($part, $move));
        }

        return [$length, $steepest];
    }
}

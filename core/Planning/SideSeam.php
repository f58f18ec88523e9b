<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Level;
use Underbolt\Seam\BlendLine;
use Underbolt\Seam\PrintedLine;
use Underbolt\Seam\SeamDepths;
use Underbolt\Seam\SeamLength;

/** How long the new side seam is and how steep, and whether front and back still match. */
final readonly class SideSeam
{
    /** Front and back seams that differ by more than this don't go together: 3 mm (common practice, no published source). */
    private const MOST_DIFFERENCE = 3_000_000;

    /** A line that goes further sideways than one in four downwards shows (common practice, no published source). */
    private const STEEP = 0.25;

    /**
     * @param  Length  $front  of the new line in front, from the first level to the last
     * @param  Length  $back  the same behind; as long as the front unless the two are cut unlike
     * @param  Length  $printed  of the upper size's own line
     * @param  float  $steepest  what the blend adds sideways for each step down, at its steepest
     */
    private function __construct(public Length $front, public Length $back, public Length $printed, public float $steepest)
    {
    }

    /**
     * Null where the lines can't be drawn: fewer than two levels with their depth, or no figures.
     *
     * @param  array<string, int>  $sizes  as chosen, by level
     */
    public static function of(Situation $situation, array $sizes, SeamDepths $depths): ?self
    {
        $at = $depths->at($sizes);
        if (count($at) < 2) {
            return null;
        }
        $unlike = [self::shifted($situation, $sizes, 1), self::shifted($situation, $sizes, -1)];
        $lines = PrintedLines::of($situation->measured(), $at, array_values(array_unique([...array_values($sizes), ...array_values($unlike[0]), ...array_values($unlike[1])])));
        $seams = [];
        foreach ($unlike[0] === $sizes ? [$sizes] : [$sizes, ...$unlike] as $way => $cut) {
            $seams[$way] = self::seam($situation, $cut, $depths, $at, $lines);
            if ($seams[$way] === null) {
                return null;
            }
        }
        $own = $lines[$sizes[array_key_first($at)]];
        [$front, $back] = [$seams[1] ?? $seams[0], $seams[2] ?? $seams[0]];

        return new self($front[0], $back[0], SeamLength::of(self::breaks($at), $own->slope(...)), max(array_column($seams, 1)));
    }

    public function difference(): Length
    {
        return $this->front->minus($this->back);
    }

    public function matches(): bool
    {
        return $this->difference()->abs()->nanometres <= self::MOST_DIFFERENCE;
    }

    public function isSteep(): bool
    {
        return $this->steepest > self::STEEP;
    }

    /**
     * The sizes of the front (way 1) or of the back (way -1); at most as far as there are sizes in play.
     *
     * @param  array<string, int>  $sizes
     * @return array<string, int>
     */
    public static function shifted(Situation $situation, array $sizes, int $way): array
    {
        $inPlay = $situation->inPlay->sizes;
        $shifted = [];
        foreach ($sizes as $name => $size) {
            $place = (int) array_search($size, $inPlay, true) + $way * $situation->make->choices->frontLarger(Level::from($name));
            $shifted[$name] = $inPlay[max(0, min(count($inPlay) - 1, $place))];
        }

        return $shifted;
    }

    /**
     * @param  array<string, int>  $sizes
     * @param  non-empty-array<string, Length>  $at
     * @param  array<int, PrintedLine>  $lines
     * @return ?array{Length, float} its length and how steep it is; null where a line can't be drawn
     */
    private static function seam(Situation $situation, array $sizes, SeamDepths $depths, array $at, array $lines): ?array
    {
        $blend = Blend::of($situation, $sizes, $depths);
        $length = Length::zero();
        $steepest = 0.0;
        $breaks = self::breaks($at, $blend);
        foreach (array_slice($breaks, 1) as $index => $end) {
            $segment = $blend->segmentAt(Length::ofNanometres(intdiv($breaks[$index] + $end, 2)));
            $size = $segment === null ? false : array_search($segment->from, $situation->make->pattern->sizes, true);
            $line = $size === false ? null : $lines[$size] ?? null;
            if ($segment === null || $line === null) {
                return null;
            }
            $part = [$breaks[$index], $end];
            $offset = static fn (float $depth): float => $segment->slope($depth) ?? 0.0;
            $length = $length->plus(SeamLength::of($part, static fn (float $depth): float => $line->slope($depth) + $offset($depth)));
            $steepest = max($steepest, SeamLength::steepest($part, $offset));
        }

        return [$length, $steepest];
    }

    /**
     * @param  non-empty-array<string, Length>  $at
     * @return non-empty-list<int> depths between which every line is smooth
     */
    private static function breaks(array $at, ?BlendLine $blend = null): array
    {
        $depths = array_map(static fn (Length $depth): int => $depth->nanometres, array_values($at));
        $last = max($depths);
        $leaving = $blend?->segmentAt(Length::ofNanometres($last))?->start->nanometres;
        $depths = array_values(array_unique($leaving === null || $leaving < min($depths) ? $depths : [...$depths, $leaving]));
        sort($depths);

        return $depths;
    }
}

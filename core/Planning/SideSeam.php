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
        $at = self::depthsOf($sizes, $depths);
        if (count($at) < 2) {
            return null;
        }
        $lines = PrintedLines::of($situation->measured(), $at, $situation->inPlay->sizes);
        $front = self::seam($situation, self::shifted($situation, $sizes, 1), $depths, $at, $lines);
        $back = self::seam($situation, self::shifted($situation, $sizes, -1), $depths, $at, $lines);
        $middle = self::seam($situation, $sizes, $depths, $at, $lines);
        $breaks = self::breaks($at);
        $own = $lines[$sizes[array_key_first($at)]] ?? null;

        return $front === null || $back === null || $middle === null || $own === null ? null
            : new self($front[0], $back[0], SeamLength::of($breaks, $own->slope(...)), max($front[1], $back[1], $middle[1]));
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
     * @return ?array{Length, float} its length and how steep it is
     */
    private static function seam(Situation $situation, array $sizes, SeamDepths $depths, array $at, array $lines): ?array
    {
        $blend = Blend::of($situation, $sizes, $depths);
        $offset = static fn (float $depth): float => $blend->segmentAt(Length::ofNanometres((int) $depth))?->slope($depth) ?? 0.0;
        $breaks = self::breaks($at, $blend);
        $slope = static function (float $depth) use ($blend, $lines, $situation, $offset): float {
            $from = $blend->segmentAt(Length::ofNanometres((int) $depth))?->from;
            $size = $from === null ? false : array_search($from, $situation->make->pattern->sizes, true);

            return ($size === false ? 0.0 : $lines[$size]->slope($depth)) + $offset($depth);
        };
        foreach ($sizes as $size) {
            if (! isset($lines[$size])) {
                return null;
            }
        }

        return [SeamLength::of($breaks, $slope), SeamLength::steepest($breaks, $offset)];
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

    /**
     * @param  array<string, int>  $sizes
     * @return array<string, Length> depth of each level that is chosen, from the top down
     */
    private static function depthsOf(array $sizes, SeamDepths $depths): array
    {
        $known = array_filter(['bust' => Length::zero(), 'waist' => $depths->waist, 'hip' => $depths->hip], static fn (?Length $depth): bool => $depth !== null);

        return array_intersect_key($known, $sizes);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Sizing\LevelFacts;

/** The side seam of one quarter, ready to be drawn: every printed line in play, and among them the line that is cut. */
final readonly class SeamDrawing
{
    /** How far apart the drawn points lie, and how much is shown below the last level. */
    private const EVERY_NM = 5_000_000;

    private const TAIL_NM = 80_000_000;

    /**
     * @param  non-empty-list<int>  $depths  nanometres, where the lines are sampled, from the underarm down
     * @param  array<int, list<float>>  $lines  distance from the centre at each depth, by size
     * @param  list<?float>  $front  the line that is cut, likewise; null where it is left open
     * @param  ?list<?float>  $back  the back's, where it is cut unlike the front
     * @param  ?list<?float>  $blend  the front's blend alone, where the line is more than that
     */
    private function __construct(public array $depths, public array $lines, public array $front, public ?array $back, public ?array $blend)
    {
    }

    /**
     * Null where the paper is not measured down to a second level: then there is no height to draw.
     *
     * @param  array<string, LevelFacts>  $facts  by level
     * @param  list<int>  $inPlay  the sizes whose lines are drawn
     */
    public static function of(CutLine $front, CutLine $back, array $facts, array $inPlay): ?self
    {
        $at = $front->depths->at($front->sizes);
        if (count($at) < 2) {
            return null;
        }
        $first = $front->sizes->known()[array_key_first($at)];
        $lines = PrintedLines::of($facts, $at, array_values(array_unique([$first, ...$inPlay])));
        ksort($lines);
        $depths = self::samples(array_values($at), $front->depths->end());
        $drawn = static fn (CutLine $cut, bool $blendAlone): array => array_map(static fn (int $depth): ?float => self::cutAt($cut, $lines, $depth, $blendAlone), $depths);

        return new self(
            $depths,
            array_map(static fn (PrintedLine $line): array => array_map(static fn (int $depth): float => $line->at($depth), $depths), $lines),
            $drawn($front, false),
            $front->isLike($back) ? null : $drawn($back, false),
            $front->isChanged() ? $drawn($front, true) : null,
        );
    }

    /**
     * @param  non-empty-list<Length>  $levels
     * @return non-empty-list<int>
     */
    private static function samples(array $levels, ?Length $end): array
    {
        $levels = array_map(static fn (Length $depth): int => $depth->nanometres, $levels);
        $deepest = max($levels);
        $last = max($deepest, min($deepest + self::TAIL_NM, $end->nanometres ?? 0));
        $depths = array_unique([...range(min($levels), $last, self::EVERY_NM), ...$levels, $last]);
        sort($depths);

        return $depths;
    }

    /**
     * @param  array<int, PrintedLine>  $lines
     */
    private static function cutAt(CutLine $cut, array $lines, int $depth, bool $blendAlone): ?float
    {
        $stretch = $cut->stretchAt(Length::ofNanometres($depth));
        $line = $lines[$cut->sizeAt(Length::ofNanometres($depth)) ?? -1] ?? null;
        $move = $blendAlone ? $stretch?->drawnBlend($depth) : $stretch?->drawnMove($depth);

        return $line === null || $move === null ? null : $line->at($depth) + $move;
    }
}

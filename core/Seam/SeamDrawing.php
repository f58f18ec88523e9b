<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Sizing\LevelFacts;

/** The side seam of one quarter, ready to be drawn: every printed line in play, and among them the line that is cut. */
final readonly class SeamDrawing
{
    /** How much is shown below the last level on a screen. */
    private const TAIL_NM = 80_000_000;

    /** A share of a gap that itself changes is no cubic; four of them come within a hundredth of a millimetre. */
    private const PIECES = 4;

    /**
     * @param  array<int, Curve>  $lines  the printed ones, by size
     * @param  Curve  $front  the line that is cut
     * @param  ?Curve  $back  the back's, where it is cut unlike the front
     * @param  ?Curve  $blend  the front's blend alone, where the line is more than that
     */
    private function __construct(public array $lines, public Curve $front, public ?Curve $back, public ?Curve $blend)
    {
    }

    /**
     * Cut short below the last level. Null where the paper is not measured down to a second level: then there is no height to draw.
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
        $printed = PrintedLines::of($facts, $at, array_values(array_unique([$first, ...$inPlay])));
        ksort($printed);
        $tail = self::tail($front);
        $levels = [...$front->levelDepths(), $tail];
        $drawn = static fn (CutLine $cut, bool $blendAlone): Curve => self::cut($cut, $printed, [...$cut->breaks(), $tail], $blendAlone);

        return new self(
            array_map(static fn (PrintedLine $line): Curve => Curve::through($levels, $line->at(...), $line->slope(...)), $printed),
            $drawn($front, false),
            $front->isLike($back) ? null : $drawn($back, false),
            $front->isChanged() ? $drawn($front, true) : null,
        );
    }

    /** Where the drawing is cut short. */
    private static function tail(CutLine $cut): int
    {
        $breaks = $cut->breaks();
        $deepest = $breaks[count($breaks) - 1];

        return max($deepest, min($deepest + self::TAIL_NM, $cut->depths->end()->nanometres ?? 0));
    }

    /**
     * @param  array<int, PrintedLine>  $printed
     * @param  list<int>  $breaks
     */
    private static function cut(CutLine $cut, array $printed, array $breaks, bool $blendAlone): Curve
    {
        $added = static function (float $depth, float $middle, bool $slope) use ($cut, $printed, $blendAlone): ?float {
            $stretch = $cut->stretchAt(Length::ofNanometres((int) $middle));
            $line = $printed[$cut->sizeAt(Length::ofNanometres((int) $middle)) ?? -1] ?? null;
            $move = $slope ? $stretch?->slope($depth, $blendAlone) : $stretch?->drawnMove($depth, $blendAlone);

            return $line === null || $move === null ? null : ($slope ? $line->slope($depth) : $line->at($depth)) + $move;
        };

        return Curve::through(
            $breaks,
            static fn (float $depth, float $middle): ?float => $added($depth, $middle, false),
            static fn (float $depth, float $middle): ?float => $added($depth, $middle, true),
            self::PIECES,
        );
    }
}

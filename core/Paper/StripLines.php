<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\CurvePart;
use Underbolt\Seam\Station;

/** Draws the lines of one side of a strip: from nanometres counted from the centre to millimetres on the paper. */
final readonly class StripLines
{
    private const NM = 1_000_000;

    /** So far from the line to cut a tick goes at the most: it is a mark, not a line of its own. */
    private const TICK_MM = 15.0;

    /** Straight pieces of each cubic of a parallel line: they stray from it by less than a hundredth of a millimetre. */
    private const PIECES = 24;

    /**
     * @param  float  $fromMm  where the centre would lie on the paper
     * @param  float  $topMm  where depth 0 lies
     * @param  float  $innerMm  where the line nearest to it lies
     */
    public function __construct(private string $side, private float $fromMm, private float $topMm, private float $innerMm)
    {
    }

    /**
     * @param  array<int, Curve>  $lines  by size
     * @return list<Path|Label> each named at its upper end, one name above the other
     */
    public function printed(array $lines, Plan $plan): array
    {
        $marks = [];
        $row = 0;
        foreach ($lines as $size => $line) {
            $group = "{$this->side}-line-{$size}";
            $marks[] = new Path($group, Pen::Printed, array_map($this->cubic(...), $line->parts));
            $first = $line->parts[0] ?? null;
            if ($first !== null) {
                $marks[] = new Label($group, $this->x($first->outAtTop), $this->topMm - 3 - 3.6 * $row++, $plan->lineOf($size), Label::WORDS_MM, Anchor::Middle);
            }
        }

        return $marks;
    }

    /** @return list<Path> the line that is cut, and beside it the seam where the two are not the same */
    public function cut(Curve $seam, float $outMm, bool $isCut): array
    {
        $cubics = array_map($this->cubic(...), $seam->parts);
        if ($outMm === 0.0) {
            return [new Path("{$this->side}-cut", Pen::Cut, $cubics)];
        }
        $beside = array_map(fn (CurvePart $part): array => $this->beside($part, $isCut ? -$outMm : $outMm), $seam->parts);
        if ($isCut) {
            return [new Path("{$this->side}-cut", Pen::Cut, $cubics), Path::through("{$this->side}-seam", Pen::Stitch, array_merge(...$beside))];
        }

        return [new Path("{$this->side}-seam", Pen::Stitch, $cubics), Path::through("{$this->side}-cut", Pen::Cut, array_merge(...$beside))];
    }

    /** @return list<Path|Label> across all lines, so that they can be laid on the tissue's own */
    public function levels(StripShape $shape, float $rightMm, Plan $plan): array
    {
        $marks = [];
        foreach ($shape->depths->at($shape->sizes) as $name => $depth) {
            $y = $this->y($depth->nanometres);
            $left = $this->innerMm - 12;
            $marks[] = Path::through("{$this->side}-levels", Pen::Level, [[$left, $y], [$rightMm, $y]]);
            $marks[] = new Label("{$this->side}-levels", $left - 12, $y - 1.2, $name === Level::Bust->value ? Level::Bust->onPaper() : "{$name}, {$plan->make->say($depth)}", 3.6);
        }

        return $marks;
    }

    /**
     * @param  list<Station>  $stations
     * @param  array<int, Curve>  $lines  that the moves are written clear of
     * @return list<Path|Label> from the printed line to the one that is cut, with the depth and the move
     */
    public function stations(array $stations, Curve $seam, array $lines, float $outMm, Plan $plan): array
    {
        $marks = [];
        foreach ($stations as $station) {
            $cut = $seam->at($station->depth->nanometres);
            if ($cut === null || $station->move === null) {
                continue;
            }
            $y = $this->y($station->depth->nanometres);
            $x = $this->x($cut);
            $from = $this->x($cut - $station->move->nanometres);
            $outer = max($x, ...array_map(fn (Curve $line): float => $this->x($line->at($station->depth->nanometres) ?? 0.0), array_values($lines)));
            $marks[] = Path::through("{$this->side}-stations", Pen::Station, [[max(min($x, $from) - 2, $x - self::TICK_MM), $y], [min(max($x, $from) + 2, $x + self::TICK_MM), $y]]);
            if ($station->level === null) {
                $marks[] = new Label("{$this->side}-stations", $this->innerMm - 4, $y + 1, $plan->make->say($station->depth), Label::WORDS_MM, Anchor::End);
            }
            if (! $station->move->isZero()) {
                $marks[] = new Label("{$this->side}-stations", $outer + $outMm + 4, $y - 0.6, $plan->make->signed($station->move), Label::AMOUNT_MM);
            }
        }

        return $marks;
    }

    /** A cubic by depth is a cubic on paper. */
    private function cubic(CurvePart $part): Cubic
    {
        return new Cubic(...array_map(fn (array $at): PaperPoint => new PaperPoint($this->x($at[0]), $this->y($at[1])), $part->cubic()));
    }

    /** @return list<array{float, float}> square to the line, so much further from the centre */
    private function beside(CurvePart $part, float $outMm): array
    {
        $points = [];
        for ($piece = 0; $piece <= self::PIECES; $piece++) {
            $depth = $part->top + ($part->end - $part->top) * $piece / self::PIECES;
            $step = ($part->end - $part->top) / self::PIECES / 100;
            $above = max($part->top, $depth - $step);
            $below = min($part->end, $depth + $step);
            $slope = ($part->at($below) - $part->at($above)) / ($below - $above);
            $long = sqrt(1 + $slope ** 2);
            $points[] = [$this->x($part->at($depth)) + $outMm / $long, $this->y($depth) - $outMm * $slope / $long];
        }

        return $points;
    }

    private function x(float $out): float
    {
        return $this->fromMm + $out / self::NM;
    }

    private function y(float $depth): float
    {
        return $this->topMm + $depth / self::NM;
    }
}

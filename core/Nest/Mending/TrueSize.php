<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\NestSeam;
use Underbolt\Nest\Reach;
use Underbolt\Nest\UnreadableNest;
use Underbolt\Nest\Upright;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\UsualLengths;
use Underbolt\Pattern\Pattern;

/** A drawing held against what is known of its pattern: its lengths, and how far its sizes lie apart. */
final readonly class TrueSize
{
    /** Off by more is off, as a share: 2 % with what a figure of the paper is rounded by taken off it (common practice, no published source). */
    private const OFF = 0.015;

    /** Lengths that are off by the same are hardly both rounded so: then so little is off, as a share (likewise). */
    private const OFF_TOGETHER = 0.01;

    /** By the same, as a share. */
    private const THE_SAME = 0.005;

    /** Sizes lie apart a little otherwise than the chart says, as a share (likewise). */
    private const GAPS_OFF = 0.1;

    /** What is off for the same reason is off alike, as a share. */
    private const ALIKE = 0.05;

    /** A gap that is smaller tells nothing, in millimetres. */
    private const LEAST_GAP_MM = 4.0;

    /** How programs that take one unit for another are wrong: halves, inches for centimetres, dots for points, printers' edges. */
    private const USUAL = [0.5, 2.0, 0.25, 4.0, 2.54, 1 / 2.54, 25.4, 1 / 25.4, 10.0, 0.1, 0.75, 4 / 3, 1.25, 0.8, 96 / 90, 90 / 96, 1.02, 0.98, 1.03, 0.97];

    private const HAIR_MM = 1.0;

    /** What the figures of the page give is believed: a usual one takes its place only where it is as near as a click is. */
    private const USUAL_WITHIN = 0.002;

    /** @param  list<HeldFigure>  $figures  that could be held against the drawing */
    public function __construct(public array $figures)
    {
    }

    public static function of(NestDrawing $drawing, NestMarks $marks, Pattern $pattern): self
    {
        $upright = new Upright($marks);
        [$waistY, $hipY] = self::heights($marks, $upright);
        $figures = [
            $marks->reach === Reach::FromWaist ? null : self::fromUnderarm($marks, $upright, $pattern, $waistY),
            $marks->reach === Reach::ToWaist ? null : self::length('waist to hip', $hipY - $waistY, self::mm($pattern->seam->measured(UsualLengths::WaistToHip)?->nanometres)),
        ];
        $near = [...array_values($marks->underarm), ...array_values($marks->hem)];
        $lines = [];
        $lineOf = static function (string $size) use (&$lines, $drawing, $marks, $upright, $near): Line {
            return $lines[$size] ??= $upright->line($drawing->line($marks->lines[$size], "lines.{$size}", $near));
        };
        foreach ([[Level::Waist, $waistY], [Level::Hip, $hipY]] as [$level, $height]) {
            $figures[] = $level === Level::Hip && $marks->reach === Reach::ToWaist ? null : self::gap($lineOf, $marks, $pattern, $level, $height);
        }

        return new self(array_values(array_filter($figures)));
    }

    /** Where all that is known is off alike: of how much of its true size the drawing seems to be; null where it isn't. */
    public function seems(): ?float
    {
        $lengths = self::ratios(array_filter($this->figures, static fn (HeldFigure $one): bool => ! $one->isGap));
        $gaps = self::ratios(array_filter($this->figures, static fn (HeldFigure $one): bool => $one->isGap));
        $best = $lengths === [] ? $gaps : $lengths;
        if ($best === []) {
            return null;
        }
        $seems = $best[intdiv(count($best), 2)];
        foreach ([[$lengths, self::ALIKE], [$gaps, $lengths === [] ? self::ALIKE : self::GAPS_OFF]] as [$ratios, $within]) {
            foreach ($ratios as $ratio) {
                if (abs($ratio / $seems - 1) > $within) {
                    return null;
                }
            }
        }
        $least = match (true) {
            $lengths === [] => self::GAPS_OFF,
            count($lengths) > 1 && max($lengths) / min($lengths) - 1 <= self::THE_SAME => self::OFF_TOGETHER,
            default => self::OFF,
        };
        $isOff = min($best) > 1 + $least || max($best) < 1 - $least;

        return $isOff ? self::usual($seems) : null;
    }

    /** @return list<HeldFigure> those that differ, where the whole doesn't */
    public function differing(): array
    {
        return $this->seems() !== null ? [] : array_values(array_filter(
            $this->figures,
            static fn (HeldFigure $one): bool => abs($one->ratio() - 1) > ($one->isGap ? 2 * self::GAPS_OFF : 2 * self::OFF),
        ));
    }

    /** @throws UnreadableNest while it is in doubt how large the drawing is */
    public function settle(): void
    {
        $seems = $this->seems();
        if ($seems !== null) {
            throw UnreadableNest::at('scale', sprintf('seems to be %s %% of true size: say that first', self::percent($seems)));
        }
    }

    /** As it is read: 50, 102, 39.4. */
    public static function percent(float $share): string
    {
        return rtrim(rtrim(number_format(100 * $share, 1, '.', ''), '0'), '.');
    }

    private static function usual(float $seems): float
    {
        $closest = $seems;
        foreach (self::USUAL as $usual) {
            if (abs($seems / $usual - 1) <= self::USUAL_WITHIN && ($closest === $seems || abs($seems / $usual - 1) < abs($seems / $closest - 1))) {
                $closest = $usual;
            }
        }

        return $closest;
    }

    /**
     * @param  array<HeldFigure>  $figures
     * @return list<float> rising
     */
    private static function ratios(array $figures): array
    {
        $ratios = array_values(array_map(static fn (HeldFigure $one): float => $one->ratio(), $figures));
        sort($ratios);

        return $ratios;
    }

    private static function mm(?int $nanometres): ?float
    {
        return $nanometres === null ? null : $nanometres / NestSeam::NM_OF_A_MM;
    }

    /**
     * Of waist and hip; where the piece ends at a waist seam a hair within it.
     *
     * @return array{float, float}
     */
    private static function heights(NestMarks $marks, Upright $upright): array
    {
        $within = static function (array $ends, float $by) use ($upright): float {
            /** @var array<string, array{float, float}> $ends */
            $heights = array_map(static fn (array $place): float => $upright->place($place)[1], $ends);

            return $heights === [] ? 0.0 : array_sum($heights) / count($heights) + $by;
        };

        return match ($marks->reach) {
            Reach::Whole => [$marks->waistY, $marks->hipY],
            Reach::ToWaist => [$within($marks->hem, -self::HAIR_MM), 0.0],
            Reach::FromWaist => [$within($marks->underarm, self::HAIR_MM), $marks->hipY],
        };
    }

    /** The sizes' underarms lie at heights of their own: the one that comes nearest to what is known is the one it was measured on. */
    private static function fromUnderarm(NestMarks $marks, Upright $upright, Pattern $pattern, float $waistY): ?HeldFigure
    {
        $known = self::mm($pattern->seam->measured(UsualLengths::UnderarmToWaist)?->nanometres);
        $drawn = array_map(static fn (array $place): float => $waistY - $upright->place($place)[1], array_values($marks->underarm));
        if ($known === null || $known <= 0 || $drawn === []) {
            return null;
        }
        usort($drawn, static fn (float $one, float $other): int => abs($one - $known) <=> abs($other - $known));

        return self::length('underarm to waist', $drawn[0], $known);
    }

    private static function length(string $what, float $drawn, ?float $known): ?HeldFigure
    {
        return $known === null || $known <= 0 || $drawn <= 0 ? null : new HeldFigure($what, false, $drawn, $known);
    }

    /** @param  callable(string): Line  $lineOf  a size's, upright */
    private static function gap(callable $lineOf, NestMarks $marks, Pattern $pattern, Level $level, float $height): ?HeldFigure
    {
        $named = array_values(array_filter($pattern->sizes, static fn (string $size): bool => isset($marks->lines[$size])));
        $chart = $pattern->finishedFor(null, null, null);
        foreach ([$chart, $pattern->bodyChart] as $row) {
            $printed = array_values(array_filter($named, static fn (string $size): bool => $row->at($level->row(), self::place($pattern, $size)) !== null));
            if (count($printed) < 2) {
                continue;
            }
            [$from, $to] = [$printed[0], $printed[count($printed) - 1]];
            $apart = ($row->at($level->row(), self::place($pattern, $to))->nanometres ?? 0) - ($row->at($level->row(), self::place($pattern, $from))->nanometres ?? 0);
            $known = (self::mm($apart) ?? 0.0) / $pattern->seam->nestEdgesAt($level);
            $inner = self::outermost($lineOf($from), $height);
            $outer = self::outermost($lineOf($to), $height);
            $drawn = $inner === null || $outer === null ? 0.0 : $outer - $inner;

            return $known < self::LEAST_GAP_MM || $drawn <= 0 ? null : new HeldFigure("{$from} to {$to} at the {$level->value}", true, $drawn, $known);
        }

        return null;
    }

    private static function place(Pattern $pattern, string $size): int
    {
        return (int) array_search($size, $pattern->sizes, true);
    }

    /** How far out a line comes at a height. */
    private static function outermost(Line $line, float $height): ?float
    {
        $out = null;
        for ($i = 1, $all = count($line->x); $i < $all; $i++) {
            [$top, $end] = [$line->y[$i - 1] - $height, $line->y[$i] - $height];
            if ($top * $end <= 0 && $top !== $end) {
                $x = $line->x[$i - 1] + $top / ($top - $end) * ($line->x[$i] - $line->x[$i - 1]);
                $out = $out === null ? $x : max($out, $x);
            }
        }

        return $out;
    }
}

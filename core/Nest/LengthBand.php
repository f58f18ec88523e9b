<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Paper lengthened or shortened at one height: what lies above a band stays, what lies below moves, and in it the lines are trued. */
final readonly class LengthBand
{
    private const LEAST_REACH_MM = 30.0;

    private const BESIDE_MM = 15.0;

    /** A level this near is left alone. */
    private const CLEAR_MM = 1.0;

    private function __construct(public float $heightMm, public float $changeMm, private float $reachMm)
    {
    }

    /**
     * @param  float  $changeMm  down positive
     * @param  list<float>  $levels  heights that keep their lines
     * @param  string  $field  where a fault is told
     *
     * @throws UnreadableNest where there is no room for it
     */
    public static function at(float $heightMm, float $changeMm, array $levels, string $field): self
    {
        $reach = max(self::LEAST_REACH_MM, abs($changeMm) / 2 + self::BESIDE_MM);
        foreach ($levels as $level) {
            $reach = min($reach, abs($level - $heightMm) < $reach ? abs($level - $heightMm) - self::CLEAR_MM : $reach);
        }
        if ($reach < abs($changeMm) / 2 + self::CLEAR_MM) {
            throw UnreadableNest::at($field, sprintf('a level lies too near for a change of %.1f mm: there is no room to true the seam', $changeMm));
        }

        return new self($heightMm, $changeMm, $reach);
    }

    /**
     * @param  array{float, float}  $place
     * @return array{float, float}
     */
    public function place(array $place): array
    {
        return [$place[0], $place[1] > $this->heightMm ? $place[1] + $this->changeMm : $place[1]];
    }

    public function on(Line $line): Line
    {
        if ($this->changeMm === 0.0) {
            return $line;
        }
        $points = [];
        $cuts = $this->cuts($line);
        for ($i = 1, $all = count($cuts); $i < $all; $i++) {
            [$from, $to] = [$cuts[$i - 1], $cuts[$i]];
            $part = $this->part($line, $from, $to);
            $points = [...$points, ...($points === [] ? $part : array_slice($part, 1))];
        }

        return Line::through($points);
    }

    /** @return list<float> ways at which the line comes into the band or leaves it, and its ends */
    private function cuts(Line $line): array
    {
        $ways = [0.0, $line->length()];
        foreach ([$this->heightMm - $this->reachMm, $this->heightMm + $this->reachMm] as $edge) {
            for ($i = 1, $all = count($line->y); $i < $all; $i++) {
                [$before, $after] = [$line->y[$i - 1] - $edge, $line->y[$i] - $edge];
                if (($before < 0) !== ($after < 0)) {
                    $ways[] = $line->way[$i - 1] + $before / ($before - $after) * ($line->way[$i] - $line->way[$i - 1]);
                }
            }
        }
        sort($ways);

        return array_values(array_filter($ways, static fn (float $way): bool => $way >= 0.0));
    }

    /** @return list<array{float, float}> */
    private function part(Line $line, float $from, float $to): array
    {
        $piece = $line->between($from, $to);
        [, $middle] = $line->at(($from + $to) / 2);
        [$start, $end] = [$piece->y[0], $piece->y[count($piece->y) - 1]];
        $isInside = abs($middle - $this->heightMm) < $this->reachMm;
        $crosses = ($start < $this->heightMm) !== ($end < $this->heightMm);
        $isFromEdgeToEdge = $from > 0.0 && $to < $line->length() && $crosses;
        if (! $isInside || ! $isFromEdgeToEdge) {
            return $piece->changed(fn (float $x, float $y): array => $this->place([$x, $y]))->points();
        }
        [$ax, $ay] = $this->place([$piece->x[0], $start]);
        [$bx, $by] = $this->place([$piece->x[count($piece->x) - 1], $end]);
        $handle = hypot($bx - $ax, $by - $ay) / 3;
        [$leaving, $arriving] = [$line->directionAt($from), $line->directionAt($to)];
        $curve = new LineBuilder(new Matrix, new PointBudget);
        $curve->moveTo($ax, $ay);
        $curve->cubicTo($ax + $handle * cos($leaving), $ay + $handle * sin($leaving), $bx - $handle * cos($arriving), $by - $handle * sin($arriving), $bx, $by);

        return ($curve->lines()[0] ?? $piece)->points();
    }
}

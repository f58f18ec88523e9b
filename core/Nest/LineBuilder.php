<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Draws lines, changed by a matrix and flattened as they come. */
final class LineBuilder
{
    /** How far a flattened curve may lie from the curve, in millimetres: finer than the 0.02 asked, so that directions are good too. */
    private const FLAT_MM = 0.001;

    /** More than any curve on a page needs. */
    private const MOST_STEPS = 2_000;

    /** Nothing that is cut is larger, in millimetres. */
    private const FARTHEST_MM = 100_000.0;

    /** @var list<float> */
    private array $x = [];

    /** @var list<float> */
    private array $y = [];

    /** @var list<Line> */
    private array $lines = [];

    private float $fromX = 0.0;

    private float $fromY = 0.0;

    private float $startX = 0.0;

    private float $startY = 0.0;

    /** Whether every figure was one that a drawing can have. */
    public bool $isSound = true;

    public function __construct(private readonly Matrix $matrix, private readonly PointBudget $budget)
    {
    }

    public function moveTo(float $x, float $y): void
    {
        $this->finish(false);
        [$this->fromX, $this->fromY] = [$this->startX, $this->startY] = [$x, $y];
    }

    public function lineTo(float $x, float $y): void
    {
        $this->begin();
        [$this->fromX, $this->fromY] = [$x, $y];
        $this->put(...$this->matrix->apply($x, $y));
    }

    /** From where the pen is, along a cubic with two handles. */
    public function cubicTo(float $x1, float $y1, float $x2, float $y2, float $x, float $y): void
    {
        $this->begin();
        [$ax, $ay] = $this->matrix->apply($this->fromX, $this->fromY);
        [$bx, $by] = $this->matrix->apply($x1, $y1);
        [$cx, $cy] = $this->matrix->apply($x2, $y2);
        [$dx, $dy] = $this->matrix->apply($x, $y);
        [$this->fromX, $this->fromY] = [$x, $y];
        // Wang's formula: so many even steps of the parameter stay within the tolerance.
        $bend = max(hypot($ax - 2 * $bx + $cx, $ay - 2 * $by + $cy), hypot($bx - 2 * $cx + $dx, $by - 2 * $cy + $dy));
        $steps = is_finite($bend) ? min(self::MOST_STEPS, max(1, (int) ceil(sqrt(0.75 * $bend / self::FLAT_MM)))) : 1;
        // A curve lies within its handles: where those are sound it is.
        if (self::isSound($bx, $by) && self::isSound($cx, $cy) && self::isSound($dx, $dy)) {
            $this->budget->spend($steps);
            [$px, $qx, $rx] = [3 * ($bx - $ax), 3 * ($ax - 2 * $bx + $cx), $dx - $ax + 3 * ($bx - $cx)];
            [$py, $qy, $ry] = [3 * ($by - $ay), 3 * ($ay - 2 * $by + $cy), $dy - $ay + 3 * ($by - $cy)];
            for ($i = 1; $i < $steps; $i++) {
                $t = $i / $steps;
                $this->x[] = (($rx * $t + $qx) * $t + $px) * $t + $ax;
                $this->y[] = (($ry * $t + $qy) * $t + $py) * $t + $ay;
            }
        }
        $this->put($dx, $dy);
    }

    public function close(): void
    {
        if ($this->x === []) {
            return;
        }
        $this->finish(true);
        [$this->fromX, $this->fromY] = [$this->startX, $this->startY];
    }

    /** @return list<Line> */
    public function lines(): array
    {
        $this->finish(false);

        return $this->lines;
    }

    private function begin(): void
    {
        if ($this->x === []) {
            $this->put(...$this->matrix->apply($this->fromX, $this->fromY));
        }
    }

    private function put(float $x, float $y): void
    {
        if (! self::isSound($x, $y)) {
            $this->isSound = false;

            return;
        }
        $last = count($this->x) - 1;
        if ($last < 0 || $x !== $this->x[$last] || $y !== $this->y[$last]) {
            $this->budget->spend(1);
            $this->x[] = $x;
            $this->y[] = $y;
        }
    }

    /** Neither no number nor off every table; compared this way round, NaN is unsound too. */
    private static function isSound(float $x, float $y): bool
    {
        return abs($x) <= self::FARTHEST_MM && abs($y) <= self::FARTHEST_MM;
    }

    private function finish(bool $closed): void
    {
        if ($closed && count($this->x) > 1) {
            $this->put($this->x[0], $this->y[0]);
        }
        if (count($this->x) > 1) {
            $this->lines[] = new Line($this->x, $this->y);
        }
        $this->x = $this->y = [];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A line as the straight pieces it was flattened to: millimetres, y down. Places on it are told by the way along it. */
final readonly class Line
{
    /** Ends so near are one. */
    public const SAME_MM = 0.05;

    private const NOTHING_MM = 1e-6;

    /** @var non-empty-list<float> the way to each point, in millimetres */
    public array $way;

    public bool $isClosed;

    /** Whether it nowhere goes up again: then heights are found by halving. */
    private bool $goesDown;

    /**
     * @param  list<float>  $x  of two points at least
     * @param  list<float>  $y
     */
    public function __construct(public array $x, public array $y)
    {
        $way = [$gone = 0.0];
        $goesDown = true;
        for ($i = 1, $all = count($x); $i < $all; $i++) {
            $down = $y[$i] - $y[$i - 1];
            $way[] = $gone += hypot($x[$i] - $x[$i - 1], $down);
            $goesDown = $goesDown && $down >= 0.0;
        }
        $this->way = $way;
        $this->goesDown = $goesDown;
        $last = count($x) - 1;
        $this->isClosed = $last > 2 && hypot($x[$last] - $x[0], $y[$last] - $y[0]) <= self::SAME_MM;
    }

    /** @param  list<array{float, float}>  $points */
    public static function through(array $points): self
    {
        return new self(array_column($points, 0), array_column($points, 1));
    }

    /** @return list<array{float, float}> */
    public function points(): array
    {
        return array_map(static fn (float $x, float $y): array => [$x, $y], $this->x, $this->y);
    }

    /** @return array{float, float, float, float} left, top, right and bottom of all of it */
    public function box(): array
    {
        $box = [INF, INF, -INF, -INF];
        foreach ($this->x as $i => $x) {
            $y = $this->y[$i];
            $box = [min($box[0], $x), min($box[1], $y), max($box[2], $x), max($box[3], $y)];
        }

        return $box;
    }

    public function length(): float
    {
        return $this->way[count($this->way) - 1];
    }

    /** @return array{float, float} the place after a way, which is from 0 to the whole */
    public function at(float $way): array
    {
        return $this->on($this->pieceAt($way), $way);
    }

    /**
     * The places after several ways: one walk along it.
     *
     * @param  list<float>  $ways  rising
     * @return list<array{float, float}>
     */
    public function atEach(array $ways): array
    {
        $places = [];
        $i = 0;
        $last = count($this->way) - 2;
        foreach ($ways as $way) {
            while ($i < $last && $this->way[$i + 1] <= $way) {
                $i++;
            }
            $places[] = $this->on($i, $way);
        }

        return $places;
    }

    /** @return array{float, float} the place after a way, on the piece that holds it */
    private function on(int $piece, float $way): array
    {
        $length = $this->way[$piece + 1] - $this->way[$piece];
        $share = $length === 0.0 ? 0.0 : min(1.0, max(0.0, ($way - $this->way[$piece]) / $length));

        return [
            $this->x[$piece] + ($this->x[$piece + 1] - $this->x[$piece]) * $share,
            $this->y[$piece] + ($this->y[$piece + 1] - $this->y[$piece]) * $share,
        ];
    }

    /** @return array{float, float} the way to the nearest place on it, and how far that is */
    public function nearest(float $x, float $y): array
    {
        $least = INF;
        $way = 0.0;
        for ($i = 0, $last = count($this->x) - 1; $i < $last; $i++) {
            // From the beginning of the piece, as is the place.
            $dx = $this->x[$i + 1] - $this->x[$i];
            $dy = $this->y[$i + 1] - $this->y[$i];
            $px = $x - $this->x[$i];
            $py = $y - $this->y[$i];
            $along = $px * $dx + $py * $dy;
            $piece = $dx * $dx + $dy * $dy;
            $share = $along <= 0.0 ? 0.0 : ($along >= $piece ? 1.0 : $along / $piece);
            $px -= $share * $dx;
            $py -= $share * $dy;
            $away = $px * $px + $py * $py;
            if ($away < $least) {
                $least = $away;
                $way = $this->way[$i] + $share * sqrt($piece);
            }
        }

        return [$way, sqrt($least)];
    }

    public function reversed(): self
    {
        return new self(array_reverse($this->x), array_reverse($this->y));
    }

    /** The part from one way to another: backwards where the second is less, and only so, even where the line is closed. */
    public function between(float $from, float $to): self
    {
        if ($from > $to) {
            return $this->between($to, $from)->reversed();
        }
        $points = [$this->at($from)];
        // A drawn point at an end is that end: a piece of no length would have no direction.
        for ($i = $this->pieceAt($from) + 1, $last = count($this->x); $i < $last && $this->way[$i] < $to - self::NOTHING_MM; $i++) {
            if ($this->way[$i] > $from + self::NOTHING_MM) {
                $points[] = [$this->x[$i], $this->y[$i]];
            }
        }
        $points[] = $this->at($to);

        return self::through($points);
    }

    /** The part of a closed line from one way on to another, over its start where it must. */
    public function onwards(float $from, float $to): self
    {
        return $from <= $to ? $this->between($from, $to) : $this->between($from, $this->length())->followedBy($this->between(0.0, $to));
    }

    /** This one and then another that begins where it ends. */
    public function followedBy(self $next): self
    {
        return self::through([...$this->points(), ...array_slice($next->points(), 1)]);
    }

    /** The way at which it first comes to a height, counted from a way on; null where it never does. */
    public function firstAt(float $height, float $from = 0.0): ?float
    {
        $i = $this->pieceAt($from);
        $i = $this->goesDown ? max($i, $this->lastAbove($height)) : $i;
        $end = $this->y[$i] - $height;
        for ($last = count($this->x) - 1; $i < $last; $i++) {
            $top = $end;
            $end = $this->y[$i + 1] - $height;
            if ($top * $end <= 0) {
                $share = $top === $end ? 0.0 : $top / ($top - $end);
                $way = $this->way[$i] + $share * ($this->way[$i + 1] - $this->way[$i]);
                if ($way >= $from) {
                    return $way;
                }
            }
        }

        return null;
    }

    /** Whether no point of it lies farther than this from the straight way between its ends. */
    public function isStraight(float $withinMm): bool
    {
        $last = count($this->x) - 1;
        $chord = new self([$this->x[0], $this->x[$last]], [$this->y[0], $this->y[$last]]);
        foreach ($this->x as $i => $x) {
            if ($chord->nearest($x, $this->y[$i])[1] > $withinMm) {
                return false;
            }
        }

        return true;
    }

    /** The mean of x along it. */
    public function meanX(): float
    {
        $sum = 0.0;
        for ($i = 1, $all = count($this->x); $i < $all; $i++) {
            $sum += ($this->way[$i] - $this->way[$i - 1]) * ($this->x[$i] + $this->x[$i - 1]) / 2;
        }

        return $this->length() === 0.0 ? $this->x[0] : $sum / $this->length();
    }

    /** @param  callable(float, float): array{float, float}  $change of each of its points */
    public function changed(callable $change): self
    {
        $changedX = $changedY = [];
        foreach ($this->x as $i => $x) {
            [$changedX[], $changedY[]] = $change($x, $this->y[$i]);
        }

        return new self($changedX, $changedY);
    }

    /** The direction at a way along it, in radians, as smooth as the curve it was flattened from. */
    public function directionAt(float $way): float
    {
        $i = $this->pieceAt($way);
        $own = $this->directionOf($i);
        $middle = ($this->way[$i] + $this->way[$i + 1]) / 2;
        // A piece has the direction of the middle of its arc; between two middles it turns evenly, but for a corner.
        $next = $way < $middle ? $i - 1 : $i + 1;
        if ($next < 0 || $next > count($this->x) - 2) {
            return $own;
        }
        $turn = Corners::turn($this, max($i, $next));
        $apart = abs($middle - ($this->way[$next] + $this->way[$next + 1]) / 2);
        if (abs($turn) >= Corners::LEAST_TURN || $apart === 0.0) {
            return $own;
        }

        return $own + $turn * ($way - $middle) / $apart;
    }

    private function directionOf(int $piece): float
    {
        return atan2($this->y[$piece + 1] - $this->y[$piece], $this->x[$piece + 1] - $this->x[$piece]);
    }

    /** The piece that begins last above a height, on a line that goes down; the first where none does. */
    private function lastAbove(float $height): int
    {
        [$low, $high] = [0, count($this->y) - 2];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->y[$middle] < $height) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    private function pieceAt(float $way): int
    {
        [$low, $high] = [0, count($this->way) - 2];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->way[$middle] <= $way) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }
}

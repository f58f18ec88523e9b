<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** A tape round a body, on its plane: the points of the body that it meets, and how long it is when it is taut; millimetres. */
final readonly class LaidTape
{
    private const POINTS = 1440;

    /** The plane is looked for upwards or downwards in steps so long. */
    private const STEP = 5.0;

    private const NEAR = 1e-9;

    /** No plane rises farther on any body. */
    private const FARTHEST = 1000.0;

    /** Neighbours are no farther apart. */
    private const TORN = 25.0;

    private const BOARD_HALF = 60.0;

    /** @param  list<array{float, float, float}>  $points  round the body, from the left side over the front */
    private function __construct(public array $points, private float $height, private float $forward, private float $sideways, private float $middle)
    {
    }

    /**
     * @param  float  $front  how much higher it runs in front than in the middle
     * @param  float  $left  likewise at the left side
     *
     * @throws Unlayable where it leaps
     */
    public static function round(Torso $torso, float $height, float $front, float $left, int $points = self::POINTS): self
    {
        [$width, $depth, , $middle] = $torso->at($height);
        [$forward, $sideways] = [$front / $depth, $left / $width];
        $found = [];
        for ($i = 0; $i < $points; $i++) {
            $angle = 2 * M_PI * $i / $points;
            [$cos, $sin] = [cos($angle), sin($angle)];
            $z = $front === 0.0 && $left === 0.0 ? $height : self::meets($torso, $height, $forward, $sideways, $middle, $cos, $sin);
            [$w, $f, $r, $c] = $torso->at($z);
            $found[] = [$w * $cos, $c + ($sin >= 0 ? $f : $r) * $sin, $z];
        }
        self::refuseTorn($found);

        return new self($found, $height, $forward, $sideways, $middle);
    }

    /** The length of the tape drawn taut round the body, or round body and board. */
    public function length(?float $boardAt = null): float
    {
        $points = $this->points;
        if ($boardAt !== null) {
            foreach ([-self::BOARD_HALF, self::BOARD_HALF] as $x) {
                $points[] = [$x, $boardAt, $this->height + $this->forward * ($boardAt - $this->middle) + $this->sideways * $x];
            }
        }

        return ConvexHull::length($this->onPlane($points));
    }

    /**
     * Lengths on the plane are those in space.
     *
     * @param  list<array{float, float, float}>  $points
     * @return list<array{float, float}>
     */
    private function onPlane(array $points): array
    {
        // Along x on the plane, and square to that on it.
        [$a, $b] = [$this->sideways, $this->forward];
        $long = sqrt(1 + $a * $a);
        $square = sqrt(1 + $a * $a + $b * $b);

        return array_map(static function (array $point) use ($a, $b, $long, $square): array {
            [$x, $y, $z] = $point;

            return [($x + $a * $z) / $long, (-$a * $b * $x + $long * $long * $y + $b * $z) / ($long * $square)];
        }, $points);
    }

    /** The height at which the plane meets the body in one direction: the first from the middle, up or down. */
    private static function meets(Torso $torso, float $height, float $forward, float $sideways, float $middle, float $cos, float $sin): float
    {
        $off = static function (float $z) use ($torso, $height, $forward, $sideways, $middle, $cos, $sin): float {
            [$w, $f, $r, $c] = $torso->at($z);

            return $height + $forward * ($c + ($sin >= 0 ? $f : $r) * $sin - $middle) + $sideways * $w * $cos - $z;
        };
        $from = $height;
        $offFrom = $off($from);
        if ($offFrom === 0.0) {
            return $from;
        }
        $step = $offFrom > 0 ? self::STEP : -self::STEP;
        for ($way = 0.0; $way < self::FARTHEST; $way += self::STEP) {
            $to = $from + $step;
            $offTo = $off($to);
            if ($offTo === 0.0) {
                return $to;
            }
            if (($offTo > 0) !== ($offFrom > 0)) {
                return self::between($off, $from, $offFrom, $to, $offTo);
            }
            [$from, $offFrom] = [$to, $offTo];
        }

        throw Unlayable::at('placing', 'a tape can\'t lie like that: it never meets the body');
    }

    /**
     * The root between two heights, by false position that never stalls (Illinois).
     *
     * @param  callable(float): float  $off
     */
    private static function between(callable $off, float $a, float $offA, float $b, float $offB): float
    {
        $side = 0;
        while (abs($b - $a) > self::NEAR) {
            $z = ($a * $offB - $b * $offA) / ($offB - $offA);
            $offZ = $off($z);
            if (abs($offZ) < self::NEAR / 10) {
                return $z;
            }
            if (($offZ > 0) === ($offB > 0)) {
                [$b, $offB] = [$z, $offZ];
                $offA = $side === -1 ? $offA / 2 : $offA;
                $side = -1;
            } else {
                [$a, $offA] = [$z, $offZ];
                $offB = $side === 1 ? $offB / 2 : $offB;
                $side = 1;
            }
        }

        return ($a + $b) / 2;
    }

    /**
     * @param  list<array{float, float, float}>  $points
     *
     * @throws Unlayable
     */
    private static function refuseTorn(array $points): void
    {
        $before = $points[count($points) - 1] ?? null;
        foreach ($points as $point) {
            if ($before !== null && sqrt(($point[0] - $before[0]) ** 2 + ($point[1] - $before[1]) ** 2 + ($point[2] - $before[2]) ** 2) > self::TORN) {
                throw Unlayable::at('placing', 'a tape can\'t lie like that: it would leap along the body');
            }
            $before = $point;
        }
    }
}

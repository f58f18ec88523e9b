<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** The sections of a figure at every height, its arms as they are; millimetres. */
final class Torso
{
    /** So much of the way from hip to bust the body is drawn up at the bust by raised arms (judgement, no published source). */
    private const DRAWN_UP = 0.04;

    /** @var non-empty-list<float> */
    private readonly array $heights;

    /** @var list<list<array{float, float, float, float}>> between two rings, of each figure the cubic in the way above the lower */
    private array $cubics = [];

    private int $last = 0;

    public function __construct(private readonly Figure $figure, private readonly bool $armsUp)
    {
        $this->heights = array_map(static fn (Ring $ring): float => $ring->z, $figure->rings);
        $tangents = [];
        foreach ([0, 1, 2, 3] as $which) {
            $tangents[] = Tangents::of($this->heights, array_map(static fn (Ring $ring): float => $ring->figures()[$which], $figure->rings));
        }
        for ($i = 0; $i < count($figure->rings) - 1; $i++) {
            [$lower, $upper] = [$figure->rings[$i]->figures(), $figure->rings[$i + 1]->figures()];
            $step = $this->heights[$i + 1] - $this->heights[$i];
            $this->cubics[] = array_map(static function (int $which) use ($lower, $upper, $step, $tangents, $i): array {
                $secant = ($upper[$which] - $lower[$which]) / $step;
                [$from, $to] = [$tangents[$which][$i], $tangents[$which][$i + 1]];

                return [$lower[$which], $from, (3 * $secant - 2 * $from - $to) / $step, ($from + $to - 2 * $secant) / ($step * $step)];
            }, [0, 1, 2, 3]);
        }
    }

    /** @return array{float, float, float, float} width, front, rear and middle at a height; outside the rings those of the end */
    public function at(float $z): array
    {
        if ($this->armsUp) {
            $z = $this->drawnFrom($z);
        }
        if ($z <= $this->heights[0]) {
            return $this->figure->rings[0]->figures();
        }
        if ($z >= $this->figure->highest()) {
            return $this->figure->rings[count($this->figure->rings) - 1]->figures();
        }
        // The next height asked for is mostly near the last one.
        $i = $this->last;
        while ($z < $this->heights[$i]) {
            $i--;
        }
        while ($z >= $this->heights[$i + 1]) {
            $i++;
        }
        $this->last = $i;
        $t = $z - $this->heights[$i];
        [$w, $f, $r, $c] = $this->cubics[$i];

        return [
            $w[0] + $t * ($w[1] + $t * ($w[2] + $t * $w[3])),
            $f[0] + $t * ($f[1] + $t * ($f[2] + $t * $f[3])),
            $r[0] + $t * ($r[1] + $t * ($r[2] + $t * $r[3])),
            $c[0] + $t * ($c[1] + $t * ($c[2] + $t * $c[3])),
        ];
    }

    /** How far forward it comes anywhere between two heights. */
    public function foremost(float $from, float $to): float
    {
        $front = function (float $z): float {
            [, $depth, , $middle] = $this->at($z);

            return $depth + $middle;
        };
        $steps = max(1, (int) ceil($to - $from));
        [$most, $best] = [-INF, $from];
        for ($i = 0; $i <= $steps; $i++) {
            $z = $from + ($to - $from) * $i / $steps;
            if ($front($z) > $most) {
                [$most, $best] = [$front($z), $z];
            }
        }
        // Within a millimetre of it the front has one summit.
        [$low, $high] = [max($from, $best - 1), min($to, $best + 1)];
        for ($i = 0; $i < 60; $i++) {
            [$one, $other] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            [$low, $high] = $front($one) < $front($other) ? [$one, $high] : [$low, $other];
        }

        return max($most, $front(($low + $high) / 2));
    }

    /** With arms up, which height of the figure stands at this one. */
    private function drawnFrom(float $z): float
    {
        $at = $this->figure->at;
        $share = max(0.0, min(1.0, ($z - $at['waist']) / ($at['bust'] - $at['waist'])));

        return $z - self::DRAWN_UP * ($at['bust'] - $at['hip']) * $share;
    }
}

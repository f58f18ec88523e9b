<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\Line;

/** One end of a line, and which way it points out of it. */
final readonly class DashEnd
{
    /**
     * @param  float  $outward  in radians
     * @param  float  $long  the whole line, in millimetres
     */
    private function __construct(public float $x, public float $y, public float $outward, public float $long)
    {
    }

    public static function of(Line $line, bool $isLast): self
    {
        $way = $isLast ? $line->length() : 0.0;
        $at = $isLast ? count($line->x) - 1 : 0;

        return new self($line->x[$at], $line->y[$at], $line->directionAt($way) + ($isLast ? 0.0 : M_PI), $line->length());
    }

    public function gapTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    public function cell(float $size): string
    {
        return floor($this->x / $size).' '.floor($this->y / $size);
    }

    /** @return list<string> its own and the eight about it */
    public function cellsAround(float $size): array
    {
        $cells = [];
        foreach ([-1, 0, 1] as $across) {
            foreach ([-1, 0, 1] as $down) {
                $cells[] = (floor($this->x / $size) + $across).' '.(floor($this->y / $size) + $down);
            }
        }

        return $cells;
    }
}

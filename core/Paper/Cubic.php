<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** One cubic of a line on paper. */
final readonly class Cubic
{
    public function __construct(public Point $start, public Point $leaving, public Point $arriving, public Point $end)
    {
    }

    public static function straight(Point $from, Point $to): self
    {
        return new self($from, $from->towards($to, 1 / 3), $from->towards($to, 2 / 3), $to);
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self(
            $this->start->moved($xMm, $yMm),
            $this->leaving->moved($xMm, $yMm),
            $this->arriving->moved($xMm, $yMm),
            $this->end->moved($xMm, $yMm),
        );
    }
}

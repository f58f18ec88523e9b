<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** One cubic of a line on paper. */
final readonly class Cubic
{
    public function __construct(public PaperPoint $start, public PaperPoint $leaving, public PaperPoint $arriving, public PaperPoint $end)
    {
    }

    public static function straight(PaperPoint $from, PaperPoint $to): self
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

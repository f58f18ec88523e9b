<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A text on paper: millimetres from the top left corner to its base line. */
final readonly class Label
{
    /**
     * @param  string  $group  of the drawing that it belongs to
     * @param  float  $sizeMm  of the letters, from base line to base line
     */
    public function __construct(
        public string $group,
        public float $xMm,
        public float $yMm,
        public string $text,
        public float $sizeMm = 3.5,
        public Anchor $anchor = Anchor::Start,
    ) {
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->group, $this->xMm + $xMm, $this->yMm + $yMm, $this->text, $this->sizeMm, $this->anchor);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/**
 * Where the tape lies on the drawn dress stand.
 *
 * Heights are in percent of the drawing from the neck down; a line round the stand has one height,
 * a length runs from one to the other.
 */
final readonly class TapeLine
{
    private function __construct(public StandView $view, public int $from, public ?int $to)
    {
    }

    /** Round the stand, level. */
    public static function round(StandView $view, int $height): self
    {
        return new self($view, $height, null);
    }

    public static function along(StandView $view, int $from, int $to): self
    {
        return new self($view, $from, $to);
    }
}

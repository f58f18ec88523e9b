<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/**
 * How to take one point of the body.
 *
 * What the sentences say is common practice, no published source; the girths are those of ISO 8559-1.
 */
final readonly class PointGuide
{
    /**
     * @param  string  $where  where the tape lies
     * @param  string  $mistake  the one sentence that prevents the usual mistake
     * @param  string  $trick  what helps, told on demand
     * @param  string  $otherWay  another way to find it, for someone who can't stand, bend or raise the arms
     * @param  array{int, int}  $usualCm  outside these a figure is asked about, not refused
     */
    public function __construct(
        public Point $point,
        public string $name,
        public string $where,
        public string $mistake,
        public string $trick,
        public string $otherWay,
        public array $usualCm,
        public TapeLine $tape,
    ) {
    }
}

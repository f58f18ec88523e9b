<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** All tries at one point, in the order in which they were taken: the measure is their median. */
final readonly class Readings
{
    /** @param  non-empty-list<Length>  $tries */
    private function __construct(private array $tries)
    {
    }

    /** @param  non-empty-list<Length>  $tries */
    public static function of(array $tries): self
    {
        return new self($tries);
    }

    /** The middle reading; of an even number half way between the two middle ones, rounded to a nanometre. */
    public function median(): Length
    {
        $sorted = $this->tries;
        usort($sorted, static fn (Length $a, Length $b): int => $a->compare($b));
        $count = count($sorted);
        $upper = $sorted[intdiv($count, 2)];
        $lower = $sorted[intdiv($count - 1, 2)];

        return $lower->plus($upper)->dividedBy(2);
    }

    /** The largest less the smallest reading. */
    public function spread(): Length
    {
        $smallest = $largest = $this->tries[0];
        foreach ($this->tries as $try) {
            $smallest = $smallest->shorter($try);
            $largest = $largest->longer($try);
        }

        return $largest->minus($smallest);
    }
}

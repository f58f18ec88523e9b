<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** One thing that a fitting found, and what is done about it on the next tracing. */
final readonly class FittingFinding
{
    /**
     * @param  Length  $amount  above 0; at each edge where it is added or taken in
     * @param  list<string>  $pieces  that it is done on
     * @param  string  $note  one sentence; may be empty
     * @param  int  $tracing  the one that is drawn with it, from 2 on: the first is the plan's
     * @param  list<string>  $done  pieces that it was done on
     * @param  bool  $isCarried  whether it was found on an earlier make
     */
    public function __construct(
        public FittingPlace $place,
        public Alteration $deed,
        public Length $amount,
        public FrontOrBack $part,
        public array $pieces,
        public string $note,
        public int $tracing,
        public array $done,
        public bool $isCarried = false,
    ) {
    }

    /** What each edge gets by a seam that is sewn otherwise, wider above 0; null where it is another deed. */
    public function sewn(): ?Length
    {
        return match ($this->deed) {
            Alteration::Narrower => $this->amount,
            Alteration::Wider => $this->amount->negated(),
            default => null,
        };
    }

    /** What is the same about it from make to make, whatever the amount. */
    public function kind(): string
    {
        return "{$this->place->value} {$this->deed->value} {$this->part->value}";
    }
}

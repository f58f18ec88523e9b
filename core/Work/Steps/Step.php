<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

/** One step of the work, on a tracing of its own. */
final readonly class Step
{
    /** @var list<StepAmount> what hands apply, picked out of what the edges get */
    public array $amounts;

    /**
     * @param  string  $id  the same as long as the step is asked for
     * @param  string  $short  one instruction
     * @param  list<string>  $how  what the hands do for it, one after the other
     * @param  string  $code  what it is, for a translation
     * @param  array<string, string|int>  $params  likewise
     * @param  list<string>  $needs  ids of the steps that have to be done before
     * @param  list<Applied>  $applied  what each edge gets: these add up to the line
     * @param  list<string>  $pieces  that it is done on, also where no edge gets an amount
     * @param  list<Traced>  $traces  printed lines that are traced, piece by piece
     */
    public function __construct(
        Given $given,
        public string $id,
        public StepKind $kind,
        public string $short,
        public array $how = [],
        public string $code = '',
        public array $params = [],
        public array $needs = [],
        public array $applied = [],
        public array $pieces = [],
        public array $traces = [],
    ) {
        $this->amounts = Entries::of($applied, $given);
    }

    /** The instruction with all that is done for it, as one text. */
    public function text(): string
    {
        return implode(' ', [$this->short, ...$this->how]);
    }

    /** @return list<string> the pieces that it is done on */
    public function pieces(): array
    {
        return array_values(array_unique([...$this->pieces, ...array_map(static fn (Applied $one): string => $one->piece, $this->applied)]));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** One change to the paper, on a tracing of its own. */
final readonly class WorkStep
{
    /**
     * @param  string  $kind  pin, length, blend, take, front_back, bust, centre_back, sleeve, found, join or part
     * @param  string  $text  one instruction with its amounts
     * @param  ?Length  $amount  the whole of it, above 0 longer or wider; null where it is no single amount
     * @param  ?int  $edges  how many edges share it
     * @param  list<string>  $pieces  that it is done on; empty where the pattern lists none
     * @param  list<string>  $how  what the hands do for it, one after the other, each with its amounts
     * @param  string  $mark  what tells it from others of its kind, in whatever unit it is said; empty where there is one alone
     */
    public function __construct(
        public string $kind,
        public string $text,
        public ?Length $amount = null,
        public ?int $edges = null,
        public array $pieces = [],
        public array $how = [],
        public string $mark = '',
    ) {
    }

    /** The instruction with all that is done for it, as one text. */
    public function whole(): string
    {
        return implode(' ', [$this->text, ...$this->how]);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** One element of a drawing that draws something, in millimetres. */
final readonly class DrawnLine
{
    /**
     * @param  string  $id  of its own, or given to it: no two are alike
     * @param  list<string>  $names  what it and the groups it lies in are called, from the outermost in
     * @param  non-empty-list<Line>  $runs  its parts; more than one where the pen was lifted
     */
    public function __construct(
        public string $id,
        public array $names,
        public string $stroke,
        public string $dash,
        public array $runs,
    ) {
    }

    /** Lines that look alike are likely to be of one size. */
    public function look(): string
    {
        return "{$this->stroke}|{$this->dash}";
    }
}

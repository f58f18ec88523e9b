<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What an element of a drawing takes from those it lies in. */
final readonly class SvgPlace
{
    /**
     * @param  Matrix  $matrix  from its own figures to millimetres
     * @param  array<string, string>  $style
     * @param  list<string>  $names  of those it lies in, from the outermost in
     * @param  int  $used  how many uses it lies in
     * @param  ?ClipBox  $clip  outside which nothing is seen
     */
    public function __construct(
        public Matrix $matrix,
        public array $style,
        public array $names = [],
        public int $used = 0,
        public ?ClipBox $clip = null,
    ) {
    }
}

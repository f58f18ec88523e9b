<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

/** What a table beside the size charts was understood to say, for a person to look over before it goes into its place. */
final readonly class PastedPart
{
    /**
     * @param  list<string>  $head  names of the columns
     * @param  list<PastedRow>  $rows
     * @param  list<string>  $leftOut  lines that went into no row, each with the reason
     * @param  list<string>  $openUnits  the units to choose from, where nothing tells which one it is
     * @param  array<string, list<array<string, mixed>|string>>  $document  as the parts of a pattern in the open format
     */
    public function __construct(
        public array $head,
        public array $rows,
        public array $leftOut,
        public array $openUnits,
        public array $document,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\Unit;

/** What a pasted table was understood to say, for a person to look over before it goes into the sheet. */
final readonly class SheetPreview
{
    /**
     * @param  Unit  $unit  the one the figures are in where a row names none
     * @param  list<string>  $sizes
     * @param  ?string  $sizesDoubt  why the line of sizes should be looked at
     * @param  list<SheetRow>  $rows
     * @param  list<string>  $leftOut  lines that went into no row, each with the reason
     * @param  bool  $hasRanges  whether some cell is a range, so that its meaning has to be asked
     * @param  list<string>  $notes  what was taken for granted
     */
    public function __construct(
        public Separator $separator,
        public Unit $unit,
        public bool $transposed,
        public array $sizes,
        public ?string $sizesDoubt,
        public array $rows,
        public array $leftOut,
        public bool $hasRanges,
        public array $notes,
    ) {
    }

    /** How many figures were read, and how many cells a person should look at, in the rows that have a place. */
    public function figures(): int
    {
        return $this->count(static fn (SheetCell $cell): bool => $cell->value !== null);
    }

    public function doubts(): int
    {
        return $this->count(static fn (SheetCell $cell): bool => $cell->doubt !== null);
    }

    /** @param  callable(SheetCell): bool  $which */
    private function count(callable $which): int
    {
        return array_sum(
            array_map(static fn (SheetRow $row): int => $row->place === null ? 0 : count(array_filter($row->cells, $which)), $this->rows),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\LengthRow;

/** What a pasted table was understood to say, for a person to look over before it goes into the chart. */
final readonly class ChartPreview
{
    /**
     * @param  Unit  $unit  the one the figures are in where a row names none
     * @param  list<string>  $sizes
     * @param  ?string  $sizesDoubt  why the line of sizes should be looked at
     * @param  list<PreviewRow>  $rows
     * @param  list<string>  $leftOut  lines that went into no row, each with the reason
     * @param  bool  $isUnitOpen  whether the figures could be in either unit, so that it has to be asked
     * @param  list<string>  $notes  what was taken for granted
     * @param  list<array{name: string, sizes: list<string>}>  $ranges  the groups of sizes that the chart prints apart; empty where it is one
     * @param  list<list<string>>  $otherNames  further names that the sizes are given, each list one for each size
     */
    public function __construct(
        public Separator $separator,
        public Unit $unit,
        public bool $transposed,
        public array $sizes,
        public ?string $sizesDoubt,
        public array $rows,
        public array $leftOut,
        public bool $isUnitOpen,
        public array $notes,
        public array $otherNames,
        public array $ranges,
    ) {
    }

    /** What was understood in one sentence, such as `Sizes 8 to 22 in inches: body (bust, waist, hip), finished (bust)`. */
    public function sentence(): string
    {
        $rows = ['body' => [], 'finished' => [], 'lengths' => []];
        foreach ($this->rows as $row) {
            if ($row->place !== null) {
                $rows[$row->place->row instanceof LengthRow ? 'lengths' : ($row->place->finished ? 'finished' : 'body')][] = str_replace('_', ' ', $row->place->row->value)
                    .($row->place->cup === null ? '' : " {$row->place->cup}")
                    .(isset($row->of['view']) ? " of view {$row->of['view']}" : '').(isset($row->of['fit']) ? " of the {$row->of['fit']} fit" : '');
            }
        }
        $charts = array_filter($rows);
        $said = array_map(
            static fn (string $chart, array $names): string => "{$chart} (".implode(', ', $names).')',
            array_keys($charts),
            array_values($charts),
        );
        $count = count($this->sizes);
        $sizes = match ($count) {
            0 => 'No size',
            1 => "Size {$this->sizes[0]}",
            default => "Sizes {$this->sizes[0]} to {$this->sizes[$count - 1]}",
        };

        return "{$sizes} in ".$this->unit->words().': '
            .($said === [] ? 'no row is known' : implode(', ', $said)).'.';
    }

    /** The first table that could be either chart, so that it has to be asked; null where headings tell them apart. */
    public function openTable(): ?int
    {
        foreach ($this->rows as $row) {
            if ($row->isGuess && $row->table > 0) {
                return $row->table;
            }
        }

        return null;
    }

    /** How many figures were read, in the rows that have a place. */
    public function figures(): int
    {
        return $this->count(static fn (PastedCell $cell): bool => $cell->value !== null);
    }

    /** How many things a person should look at: what is said of a whole table or row counts once. */
    public function doubts(): int
    {
        $rows = array_filter($this->rows, fn (PreviewRow $row): bool => $row->place !== null && $this->doubtOf($row) !== null);

        return count(array_filter($this->tableDoubts(), static fn (?string $doubt): bool => $doubt !== null)) + count($rows) + $this->count(static fn (PastedCell $cell): bool => $cell->doubt !== null);
    }

    /**
     * What all rows of a table that have a place are doubted for alike, where they are several: it is said once.
     *
     * @return list<?string> one for each table
     */
    public function tableDoubts(): array
    {
        $doubts = [];
        foreach ($this->rows as $row) {
            $doubts[$row->table] ??= [];
            if ($row->place !== null) {
                $doubts[$row->table][] = $row->doubt;
            }
        }
        ksort($doubts);

        return array_map(
            static fn (int $table): ?string => count($doubts[$table] ?? []) > 1 && count(array_unique($doubts[$table])) === 1 ? $doubts[$table][0] : null,
            $doubts === [] ? [] : range(0, array_key_last($doubts)),
        );
    }

    /** What is to be said of a row alone; null where its table says it. */
    public function doubtOf(PreviewRow $row): ?string
    {
        return $row->place !== null && ($this->tableDoubts()[$row->table] ?? null) === $row->doubt ? null : $row->doubt;
    }

    /** @param  callable(PastedCell): bool  $which */
    private function count(callable $which): int
    {
        return array_sum(
            array_map(static fn (PreviewRow $row): int => $row->place === null ? 0 : count(array_filter($row->cells, $which)), $this->rows),
        );
    }
}

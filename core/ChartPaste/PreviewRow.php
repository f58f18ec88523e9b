<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;

/** One row of a pasted chart as it was understood, not written anywhere yet. */
final readonly class PreviewRow
{
    /**
     * @param  ?ChartPlace  $place  null where a person has to say which row this is
     * @param  array<int, PastedCell>  $cells  by the place of the size
     * @param  ?string  $doubt  why the whole row should be looked at
     * @param  int  $table  which of the pasted tables it stands in, from 0
     * @param  array{view?: string, fit?: string}  $of  the view and fit of the garment that it is for; empty where for all
     * @param  bool  $isGuess  whether its chart was guessed because the row stands in an earlier table too
     */
    public function __construct(
        public string $label,
        public ?ChartPlace $place,
        public Unit $unit,
        public array $cells,
        public ?string $doubt,
        public int $table = 0,
        public bool $isGuess = false,
        public array $of = [],
    ) {
    }

    public function at(?ChartPlace $place): self
    {
        return $this->changed(place: $place, cells: $this->cells, doubt: $this->doubt, isGuess: $this->isGuess);
    }

    /** @param  array{view?: string, fit?: string}  $of */
    public function ofPart(array $of): self
    {
        return new self(
            label: $this->label,
            place: $this->place,
            unit: $this->unit,
            cells: $this->cells,
            doubt: $this->doubt,
            table: $this->table,
            isGuess: $this->isGuess,
            of: $of,
        );
    }

    /** The row of a second table that nothing tells from the first. */
    public function guessedAt(?ChartPlace $place, string $doubt): self
    {
        return $this->changed(place: $place, cells: $this->cells, doubt: $this->doubt ?? $doubt, isGuess: true);
    }

    /** @param  array<int, PastedCell>  $cells  by the place of the size */
    public function withCells(array $cells): self
    {
        return $this->changed(place: $this->place, cells: $cells, doubt: $this->doubt, isGuess: $this->isGuess);
    }

    /** With a reason to look at the whole row, where it has none yet. */
    public function doubted(?string $doubt): self
    {
        return $this->changed(place: $this->place, cells: $this->cells, doubt: $this->doubt ?? $doubt, isGuess: $this->isGuess);
    }

    public function isSure(int $size): bool
    {
        return $this->place !== null && $this->doubt === null && ($this->cells[$size]->doubt ?? null) === null;
    }

    /** @param  array<int, PastedCell>  $cells  by the place of the size */
    private function changed(?ChartPlace $place, array $cells, ?string $doubt, bool $isGuess): self
    {
        return new self(
            label: $this->label,
            place: $place,
            unit: $this->unit,
            cells: $cells,
            doubt: $doubt,
            table: $this->table,
            isGuess: $isGuess,
            of: $this->of,
        );
    }
}

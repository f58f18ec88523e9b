<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** The rows of a pasted text, each at its place; a row that comes again is held against the first. */
final class PastedRows
{
    /** @var array<string, PreviewRow> by path, and by the view and fit */
    private array $rows = [];

    /** @var list<PreviewRow> */
    private array $unnamed = [];

    /** @var list<string> lines that went into no row, each with the reason */
    private array $leftOut = [];

    /** A row that a person has to say the place of. */
    public function unnamed(PreviewRow $row): void
    {
        $this->unnamed[] = $row;
    }

    /**
     * A point that stands a second time is the same in the other unit, or the finished garment's.
     *
     * @param  bool  $isSaid  whether the row's words say which chart it is of
     */
    public function place(PreviewRow $row, ChartPlace $place, bool $isSaid): void
    {
        $key = self::key($place, $row->of);
        $there = $this->rows[$key] ?? null;
        if ($there === null) {
            $this->rows[$key] = $row;

            return;
        }
        // A block that goes on with further sizes.
        if (array_intersect_key($there->cells, $row->cells) === []) {
            $this->rows[$key] = $there->withCells($there->cells + $row->cells)->doubted($row->doubt);

            return;
        }
        if ($there->unit !== $row->unit) {
            $this->leftOut[] = mb_strimwidth(trim($row->label), 0, 40, '…').': the same row in the other unit';
            $this->rows[$key] = self::compared($there, $row);

            return;
        }
        $finished = $place->asFinished();
        if (! $isSaid && ! $place->finished && $finished->exists() && ! isset($this->rows[self::key($finished, $row->of)])) {
            $this->rows[self::key($finished, $row->of)] = $row->guessedAt($finished, 'It stands a second time, so it is taken for the finished garment.');

            return;
        }
        $this->unnamed[] = $row->guessedAt(null, 'This row stands twice. It is left out until you say which it is.');
    }

    /** @return list<PreviewRow> those with a place first */
    public function all(): array
    {
        return [...array_values(RowsAgainst::doubted($this->rows)), ...$this->unnamed];
    }

    /** @return list<string> */
    public function leftOut(): array
    {
        return $this->leftOut;
    }

    /** @param  array{view?: string, fit?: string}  $of */
    private static function key(ChartPlace $place, array $of): string
    {
        return implode(' ', [$place->path(), ...$of]);
    }

    private static function compared(PreviewRow $row, PreviewRow $other): PreviewRow
    {
        $cells = [];
        foreach ($row->cells as $place => $cell) {
            $twin = $other->cells[$place]->value ?? null;
            $differs = $cell->value !== null && $twin !== null && $cell->value->minus($twin)->abs()->nanometres > CellReader::SAME_NM;
            $cells[$place] = $differs ? $cell->doubted('the row in the other unit says another figure') : $cell;
        }

        return $row->withCells($cells);
    }
}

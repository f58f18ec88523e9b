<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartMeaning;
use Underbolt\Pattern\ChartRow;

/**
 * Reads a size chart from pasted text: from a spreadsheet, a web page or the text of a PDF.
 *
 * It never guesses in silence: whatever it is not sure of carries a doubt, in words.
 */
final class SheetReader
{
    private bool $finished = false;

    private ?Unit $said = null;

    /** @var array<string, SheetRow> by path */
    private array $rows = [];

    /** @var list<SheetRow> */
    private array $unnamed = [];

    /** @var list<string> */
    private array $leftOut = [];

    /** @var list<string> */
    private array $notes = [];

    private function __construct(
        private readonly Separator $separator,
        private readonly Unit $unit,
        private readonly Unit $sheet,
        private readonly ?ChartMeaning $meaning,
    ) {
    }

    /**
     * @param  Unit  $sheet  the unit meant in the sheet the chart goes to
     * @param  ?ChartMeaning  $meaning  which figure of a range counts; null while that has not been asked
     */
    public static function read(string $text, Unit $sheet, ?ChartMeaning $meaning = null): SheetPreview
    {
        $table = PastedTable::of($text);
        $shape = TableShape::of($table->lines);
        $unit = SheetUnit::of($shape, $sheet);
        $self = new self($table->separator, $unit, $sheet, $meaning);
        if ($table->dropped > 0) {
            $self->notes[] = 'Only the first '.PastedTable::MOST_LINES." lines were read; {$table->dropped} more were not.";
        }
        if ($unit !== $sheet) {
            $self->notes[] = 'The figures are in '.($unit === Unit::Inch ? 'inches' : 'centimetres')
                .', the sheet is not: each is kept with its unit.';
        }

        return $self->preview($shape);
    }

    private function preview(TableShape $shape): SheetPreview
    {
        $sizes = SheetSizes::of($shape);
        foreach ($shape->lines as $line) {
            $this->line($line, $sizes->count());
        }
        $uneven = $shape->uneven ? 'A line of the table has fewer or more figures than there are names: look which belongs where.' : null;
        $rows = array_map(fn (SheetRow $row): SheetRow => $this->checked($row, $uneven), [...array_values($this->rows), ...$this->unnamed]);
        $names = $sizes->names(max([0, ...array_map(static fn (SheetRow $row): int => count($row->cells), $rows)]));

        return new SheetPreview(
            separator: $this->separator,
            unit: $this->unit,
            transposed: $shape->transposed,
            sizes: $names,
            sizesDoubt: $sizes->doubt ?? $this->sizesAgainst($shape, $sizes->count()),
            rows: $this->squared($rows, count($names)),
            leftOut: $this->leftOut,
            hasRanges: $this->hasRanges($shape),
            notes: $this->notes,
        );
    }

    /** Where most rows have another number of figures, it is the line of sizes that has lost or won one. */
    private function sizesAgainst(TableShape $shape, int $sizes): ?string
    {
        $counts = array_count_values(
            array_map(
                static fn (SheetLine $line): int => count($line->cells),
                array_filter($shape->lines, static fn (SheetLine $line): bool => $line->hasCells()),
            ),
        );
        arsort($counts);
        $usual = array_key_first($counts) ?? $sizes;

        $most = max([0, ...array_keys($counts)]);

        return match (true) {
            $this->separator === Separator::Spaces && $most > $sizes => "A row has {$most} figures, and there are {$sizes} sizes.",
            $usual !== $sizes && ($counts[$sizes] ?? 0) !== $counts[$usual] => "Most rows have {$usual} figures, and "
                ."there are {$sizes} sizes.",
            default => null,
        };
    }

    private function line(SheetLine $line, int $sizes): void
    {
        $name = RowName::of($line->label);
        if (! $line->hasCells()) {
            $this->heading($line, $name);

            return;
        }
        $unit = $name->unit ?? $this->said ?? $this->unit;
        $place = $name->place;
        if ($place === null && Words::plain($line->label) === 'taille') {
            $place = RowName::of('taillenumfang')->place;
        }
        if ($place !== null && $this->finished && $name->finished !== false) {
            $place = $place->asFinished()->exists() ? $place->asFinished() : null;
        }
        $row = $this->row($line, $place, $unit, $sizes);
        if ($place === null) {
            $this->unnamed($row, $line);

            return;
        }
        $this->place($row, $place, $name);
    }

    /** A line of words alone says what the rows below it are about, or nothing. */
    private function heading(SheetLine $line, RowName $words): void
    {
        $this->finished = $words->finished ?? $this->finished;
        $this->said = $words->unit ?? $this->said;
        if ($words->finished === null && $words->unit === null && trim($line->typed) !== '') {
            $this->leftOut[] = self::short($line->typed).': no figures';
        }
    }

    private function row(SheetLine $line, ?ChartPlace $place, Unit $unit, int $sizes): SheetRow
    {
        $reader = new CellReader($unit, $this->sheet, ($place ?? new ChartPlace(false, ChartRow::Waist))->kind(), $this->meaning);
        $cells = $line->cells;
        while ($cells !== [] && end($cells) === '') {
            array_pop($cells);
        }
        $given = count($cells);
        // Between tabs a missing last cell is simply empty; between spaces nobody can tell which one is missing.
        $short = $given < $sizes && $given === count($line->cells);
        $doubt = $sizes > 0 && ($given > $sizes || $short) ? "{$given} figures for {$sizes} sizes: look which belongs where." : null;

        $read = array_map($reader->read(...), array_slice($cells, 0, SheetSizes::MOST));
        // A stray mark may have pushed the figures along, or be two of them run together: between spaces even
        // where their number is right, elsewhere where one is missing.
        $strays = array_filter($read, CellReader::isStray(...));
        $filled = count(array_filter($read, static fn (SheetCell $cell): bool => $cell->typed !== ''));
        $marked = array_filter($strays, static fn (SheetCell $cell): bool => $cell->typed !== '' && $cell->doubt !== null) !== [];
        $stray = $this->separator === Separator::Spaces ? $strays !== [] : $marked && $filled < $sizes;
        $read = CellReader::withLoneFiguresDoubted($read);
        $doubt ??= $place !== null && $place->row->tellsUnit() && SheetUnit::contradicts($unit, $read)
            ? 'The figures don\'t look like '.($unit === Unit::Inch ? 'inches' : 'centimetres').'.'
            : null;

        return new SheetRow(
            $line->label,
            $place,
            $unit,
            $read,
            $doubt ?? ($stray ? 'Something here is no figure: look which figure belongs where.' : null),
        );
    }

    private function unnamed(SheetRow $row, SheetLine $line): void
    {
        $figures = array_filter($row->cells, static fn (SheetCell $cell): bool => $cell->value !== null);
        if ($figures === []) {
            $this->leftOut[] = self::short($line->typed).': no figures';

            return;
        }
        $this->unnamed[] = new SheetRow(
            $row->label,
            null,
            $row->unit,
            $row->cells,
            $row->doubt ?? 'Which row is this? It is left out until you say.',
        );
    }

    /** A point that stands a second time is the same in the other unit, or the finished garment's. */
    private function place(SheetRow $row, ChartPlace $place, RowName $name): void
    {
        $there = $this->rows[$place->path()] ?? null;
        if ($there === null) {
            $this->rows[$place->path()] = $row;

            return;
        }
        if ($there->unit !== $row->unit) {
            $this->leftOut[] = self::short($row->label).': the same row in the other unit';
            $this->rows[$place->path()] = self::compared($there, $row);

            return;
        }
        $finished = $place->asFinished();
        if ($name->finished === null && ! $place->finished && $finished->exists() && ! isset($this->rows[$finished->path()])) {
            $this->rows[$finished->path()] = new SheetRow(
                $row->label,
                $finished,
                $row->unit,
                $row->cells,
                $row->doubt ?? 'It stands a second time, so it is taken for the finished garment.',
            );

            return;
        }
        $this->unnamed[] = new SheetRow(
            $row->label,
            null,
            $row->unit,
            $row->cells,
            'This row stands twice. It is left out until you say which it is.',
        );
    }

    private static function compared(SheetRow $row, SheetRow $other): SheetRow
    {
        $cells = [];
        foreach ($row->cells as $index => $cell) {
            $twin = $other->cells[$index]->value ?? null;
            $differs = $cell->value !== null && $twin !== null && $cell->value->minus($twin)->abs()->nanometres > CellReader::SAME_NM;
            $cells[] = $differs ? $cell->doubted('the row in the other unit says another figure') : $cell;
        }

        return new SheetRow($row->label, $row->place, $row->unit, $cells, $row->doubt);
    }

    /** A larger size has a larger figure, by about as much as its neighbours. */
    private function checked(SheetRow $row, ?string $doubt): SheetRow
    {
        return new SheetRow($row->label, $row->place, $row->unit, RowSteps::doubted($row->cells), $row->doubt ?? $doubt);
    }

    /**
     * @param  list<SheetRow>  $rows
     * @return list<SheetRow> each with a cell for every size
     */
    private function squared(array $rows, int $sizes): array
    {
        return array_map(static fn (SheetRow $row): SheetRow => new SheetRow(
            $row->label,
            $row->place,
            $row->unit,
            array_slice(array_pad($row->cells, $sizes, SheetCell::empty('')), 0, $sizes),
            $row->doubt,
        ), $rows);
    }

    private function hasRanges(TableShape $shape): bool
    {
        foreach ($shape->lines as $line) {
            if (array_filter($line->cells, CellReader::isRange(...)) !== []) {
                return true;
            }
        }

        return false;
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(trim($text), 0, 40, '…');
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartMeaning;
use Underbolt\Pattern\Row;

/**
 * Reads a size chart from pasted text: from a spreadsheet, a web page or the text of a PDF.
 *
 * It never guesses in silence: whatever it is not sure of carries a doubt, in words.
 */
final class SheetReader
{
    public const MOST_SIZES = 60;

    /** Below this many centimetres no adult's bust, waist or hip lies, and above it in inches none does either. */
    private const UNIT_BORDER_CM = 56;

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

    private function __construct(private readonly Unit $unit, private readonly Unit $sheet, private readonly ?ChartMeaning $meaning)
    {
    }

    /**
     * @param  Unit  $sheet  the unit meant in the sheet the chart goes to
     * @param  ?ChartMeaning  $meaning  which figure of a range counts; null while that has not been asked
     */
    public static function read(string $text, Unit $sheet, ?ChartMeaning $meaning = null): SheetPreview
    {
        $table = PastedTable::of($text);
        $shape = TableShape::of($table->lines);
        $unit = self::unitOf($shape, $sheet);
        $self = new self($unit, $sheet, $meaning);
        if ($table->dropped > 0) {
            $self->notes[] = 'Only the first '.PastedTable::MOST_LINES." lines were read; {$table->dropped} more were not.";
        }
        if ($unit !== $sheet) {
            $self->notes[] = 'The figures are in '.($unit === Unit::Inch ? 'inches' : 'centimetres').', the sheet is not: each is kept with its unit.';
        }

        return $self->preview($table->separator, $shape);
    }

    private function preview(Separator $separator, TableShape $shape): SheetPreview
    {
        $sizes = $this->sizes($shape);
        foreach ($shape->lines as $line) {
            $this->line($line, count($sizes));
        }
        $rows = array_map($this->checked(...), [...array_values($this->rows), ...$this->unnamed]);
        $width = max([0, ...array_map(static fn (SheetRow $row): int => count($row->cells), $rows)]);
        $doubt = $this->sizesDoubt($shape, $sizes);
        while ($shape->sizes === null && count($sizes) < min($width, self::MOST_SIZES)) {
            $sizes[] = (string) (count($sizes) + 1);
        }

        return new SheetPreview($separator, $this->unit, $shape->transposed, self::unique($sizes), $doubt, $this->squared($rows, count($sizes)), $this->leftOut, $this->hasRanges($shape), $this->notes);
    }

    /** @return list<string> */
    private function sizes(TableShape $shape): array
    {
        $names = $shape->sizes->cells ?? [];
        while ($names !== [] && end($names) === '') {
            array_pop($names);
        }
        if (count($names) > self::MOST_SIZES) {
            $this->notes[] = 'Only the first '.self::MOST_SIZES.' sizes were read.';
        }

        return array_slice($names, 0, self::MOST_SIZES);
    }

    /** @param  list<string>  $sizes */
    private function sizesDoubt(TableShape $shape, array $sizes): ?string
    {
        return match (true) {
            $shape->sizes === null => 'No line of sizes was found; they are counted from 1.',
            in_array('', $sizes, true) => 'A size has no name.',
            count(array_unique($sizes)) < count($sizes) => 'A size stands twice; where two envelopes use the same letter, add the envelope to the name.',
            SizeNames::fall($sizes) => 'The sizes don\'t count up.',
            ! SizeNames::couldBeSizes($sizes) => 'Not every name here looks like a size.',
            default => null,
        };
    }

    /**
     * @param  list<string>  $sizes
     * @return list<string> each with a name of its own
     */
    private static function unique(array $sizes): array
    {
        $seen = [];
        foreach ($sizes as $size) {
            $name = $size === '' ? '?' : $size;
            $free = $name;
            for ($count = 2; in_array($free, $seen, true); $count++) {
                $free = "{$name} ({$count})";
            }
            $seen[] = $free;
        }

        return $seen;
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
        $reader = new CellReader($unit, $this->sheet, ($place ?? new ChartPlace(false, Row::Waist))->kind(), $this->meaning);
        $cells = $line->cells;
        while ($cells !== [] && end($cells) === '') {
            array_pop($cells);
        }
        $given = count($cells);
        // Between tabs a missing last cell is simply empty; between spaces nobody can tell which one is missing.
        $short = $given < $sizes && $given === count($line->cells);
        $doubt = $sizes > 0 && ($given > $sizes || $short) ? "{$given} figures for {$sizes} sizes: look which belongs where." : null;

        return new SheetRow($line->label, $place, $unit, array_map($reader->read(...), array_slice($cells, 0, self::MOST_SIZES)), $doubt);
    }

    private function unnamed(SheetRow $row, SheetLine $line): void
    {
        $figures = array_filter($row->cells, static fn (SheetCell $cell): bool => $cell->value !== null);
        if ($figures === []) {
            $this->leftOut[] = self::short($line->typed).': no figures';

            return;
        }
        $this->unnamed[] = new SheetRow($row->label, null, $row->unit, $row->cells, $row->doubt ?? 'Which row is this? It is left out until you say.');
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
            $this->rows[$finished->path()] = new SheetRow($row->label, $finished, $row->unit, $row->cells, $row->doubt ?? 'It stands a second time, so it is taken for the finished garment.');

            return;
        }
        $this->unnamed[] = new SheetRow($row->label, null, $row->unit, $row->cells, 'This row stands twice. It is left out until you say which it is.');
    }

    private static function compared(SheetRow $row, SheetRow $other): SheetRow
    {
        $cells = [];
        foreach ($row->cells as $index => $cell) {
            $twin = $other->cells[$index]->value ?? null;
            $differs = $cell->value !== null && $twin !== null && $cell->value->minus($twin)->abs()->nanometres > 7_000_000;
            $cells[] = $differs ? $cell->doubted('the row in the other unit says another figure') : $cell;
        }

        return new SheetRow($row->label, $row->place, $row->unit, $cells, $row->doubt);
    }

    /** A larger size has a larger figure, by about as much as its neighbours. */
    private function checked(SheetRow $row): SheetRow
    {
        return new SheetRow($row->label, $row->place, $row->unit, RowSteps::doubted($row->cells), $row->doubt);
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

    /** The unit that the words say, else the one that nearly all figures look like, else the sheet's. */
    private static function unitOf(TableShape $shape, Unit $sheet): Unit
    {
        $figures = array_merge([], ...array_map(self::figuresIn(...), $shape->lines));
        $border = self::UNIT_BORDER_CM * Unit::Centimetre->nanometres();
        $small = count(array_filter($figures, static fn (Length $figure): bool => $figure->nanometres < $border));
        $nearlyAll = 0.8 * count($figures);

        return match (true) {
            $figures === [] => $sheet,
            $small >= $nearlyAll => Unit::Inch,
            count($figures) - $small >= $nearlyAll => Unit::Centimetre,
            default => $sheet,
        };
    }

    /**
     * The first figure of every cell of a row that names no unit; a pair speaks for itself.
     *
     * @return list<Length> read as centimetres
     */
    private static function figuresIn(SheetLine $line): array
    {
        $name = RowName::of($line->label);
        $figures = [];
        foreach ($name->place !== null && $name->unit === null ? $line->cells : [] as $cell) {
            if (preg_match('/^\d+(?:[.,]\d+)?(?![\d.,])(?!.*[(\[])/', $cell, $first) === 1) {
                $figures[] = Length::tryParse($first[0], Unit::Centimetre);
            }
        }

        return array_values(array_filter($figures, static fn (?Length $figure): bool => $figure !== null));
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(trim($text), 0, 40, '…');
    }
}

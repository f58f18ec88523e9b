<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\PlainWords;

/**
 * Reads a size chart from pasted text: from a spreadsheet, a web page or the text of a PDF.
 *
 * It never guesses in silence: whatever it is not sure of carries a doubt, in words.
 */
final class ChartPaste
{
    private bool $finished = false;

    /** @var bool whether a heading has come since the last row: else what it said ends with the next line of sizes */
    private bool $isHeaded = false;

    private ?Unit $said = null;

    /** @var ?string what the rows below a heading are doubted for: it speaks of one view or fit alone */
    private ?string $partial = null;

    /** @var ?string the cup that a heading names */
    private ?string $cup = null;

    private bool $isMillimetres = false;

    /** @var bool whether a heading said that the figures are half girths */
    private bool $isHalf = false;

    /** @var ?list<int> the places of the sizes that the rows stand under; null before a line of sizes */
    private ?array $places = null;

    private bool $hasRows = false;

    private int $table = 0;

    /** @var bool whether the table has rows: the next heading or line of sizes begins another */
    private bool $isTableBegun = false;

    /** @var array<string, PreviewRow> by path */
    private array $rows = [];

    /** @var list<PreviewRow> */
    private array $unnamed = [];

    /** @var list<string> */
    private array $leftOut = [];

    /** @var list<string> */
    private array $notes = [];

    /** @param  array<string, ChartPlace>  $learned  by plain label */
    private function __construct(
        private readonly Separator $separator,
        private readonly TableShape $shape,
        private readonly PastedUnit $unit,
        private readonly Unit $typedIn,
        private readonly bool $lettersAreCups,
        private readonly PastedSizes $sizes,
        private readonly array $learned,
    ) {
    }

    /**
     * @param  Unit  $typedIn  the unit meant in the chart the chart goes to
     * @param  ?Unit  $told  the unit of the figures, where a person has said it
     * @param  array<array-key, string>  $words  where rows go that a house calls by words of its own: paths by label
     */
    public static function read(string $text, Unit $typedIn, ?Unit $told = null, array $words = []): ChartPreview
    {
        $table = PastedTable::of($text);
        $shape = TableShape::of($table->lines);
        $unit = $told === null ? self::unitSaid($shape) ?? PastedUnit::of($shape, $typedIn) : new PastedUnit($told);
        $letters = array_map(static fn (PastedLine $line): ?string => RowName::bracketLetter($line->label), $shape->rows());
        $self = new self(
            separator: $table->separator,
            shape: $shape,
            unit: $unit,
            typedIn: $typedIn,
            // Two letters behind "bust" are two cups; one is a letter of a diagram.
            lettersAreCups: count(array_unique(array_filter($letters, static fn (?string $letter): bool => $letter !== null))) > 1,
            sizes: new PastedSizes,
            learned: self::learned($words),
        );
        if ($table->dropped > 0) {
            $self->notes[] = 'Only the first '.PastedTable::MOST_LINES." lines were read; {$table->dropped} more were not.";
        }
        if ($unit->unit !== $typedIn) {
            $self->notes[] = 'The figures are in '.$unit->unit->words().', the chart is not: each is kept with its unit.';
        }

        return $self->preview();
    }

    /**
     * @param  array<array-key, string>  $words
     * @return array<string, ChartPlace>
     */
    private static function learned(array $words): array
    {
        $places = [];
        foreach ($words as $label => $path) {
            $place = ChartPlace::at($path);
            if ($place !== null) {
                $places[PlainWords::plain((string) $label)] = $place;
            }
        }

        return $places;
    }

    /** What a title or the head of the sizes says of all figures: the first word that does. */
    private static function unitSaid(TableShape $shape): ?PastedUnit
    {
        foreach ($shape->lines as $line) {
            $unit = $line->isSizes || ! $line->hasCells() ? RowName::of($line->label)->unit : null;
            if ($unit !== null) {
                return new PastedUnit($unit);
            }
        }

        return null;
    }

    private function preview(): ChartPreview
    {
        foreach ($this->shape->lines as $line) {
            $line->isSizes ? $this->sizes($line) : $this->line($line);
        }
        $uneven = $this->shape->uneven ? 'A line of the table has fewer or more figures than there are names: look which belongs where.' : null;
        $open = $this->unit->isOpen ? 'Inches or centimetres? Nothing says, and it could be either.' : null;
        $names = $this->sizes->names();
        $rows = array_map(
            fn (PreviewRow $row): PreviewRow => $this->checked($row, $uneven ?? $open, count($names)),
            [...array_values(RowsAgainst::doubted($this->rows)), ...$this->unnamed],
        );

        return new ChartPreview(
            separator: $this->separator,
            unit: $this->unit->unit,
            transposed: $this->shape->transposed,
            sizes: $names,
            sizesDoubt: $this->sizes->doubt() ?? $this->sizesAgainst(),
            rows: $rows,
            leftOut: $this->leftOut,
            isUnitOpen: $this->unit->isOpen,
            notes: $this->notes,
            otherNames: $this->sizes->otherNames(),
        );
    }

    /** Where most rows have another number of figures, it is the line of sizes that has lost or won one. */
    private function sizesAgainst(): ?string
    {
        $heads = $this->shape->sizes();
        if (count($heads) !== 1) {
            return null;
        }
        $sizes = count($heads[0]->cells);
        $counts = array_count_values(array_map(
            static fn (PastedLine $line): int => count($line->cells),
            array_filter($this->shape->rows(), static fn (PastedLine $line): bool => $line->hasCells()),
        ));
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

    /** A line of sizes begins a table; a second one before any row gives the sizes other names. */
    private function sizes(PastedLine $line): void
    {
        if ($this->places !== null && ! $this->hasRows) {
            if (! $this->sizes->alsoCalled($line)) {
                $this->leftOut[] = self::short($line->typed).': other names of the same sizes';
            }

            return;
        }
        if (! $this->isHeaded) {
            $this->finished = false;
            $this->isHalf = false;
            $this->partial = $this->cup = null;
        }
        $this->begin();
        $this->places = $this->sizes->take($line);
        $this->hasRows = false;
    }

    private function line(PastedLine $line): void
    {
        $name = RowName::of($line->label, $this->lettersAreCups);
        if (! $line->hasCells()) {
            $this->heading($line, $name);

            return;
        }
        $label = PlainWords::plain($line->label);
        $learned = $this->learned[$label] ?? null;
        if ($this->places === null && $name->place === null && $learned === null && $this->shape->sizes() !== []) {
            $this->leftOut[] = self::short($line->typed).': stands above the sizes';

            return;
        }
        $this->isHeaded = false;
        $this->hasRows = true;
        $this->isTableBegun = true;
        $unit = $name->unit ?? $this->said ?? $this->unit->unit;
        // In French the word for waist is also the word for size: a row is no line of sizes.
        $place = $learned ?? $name->place ?? ($label === 'taille' ? new ChartPlace(false, ChartRow::Waist) : null);
        if ($learned === null && $place !== null && $this->finished && ($name->finished !== false || $name->isFaint)) {
            $place = $place->asFinished()->exists() ? $place->asFinished() : null;
        }
        $places = $this->places ?? $this->sizes->counted(count($line->cells));
        $row = $this->row($line, $place, $unit, $places, $name->isHalf || $this->isHalf);
        if ($place === null) {
            $this->unnamed($row, $line);

            return;
        }
        $row = $row->doubted($this->partial);
        $cups = $learned === null ? $name->cups : [];
        $cups = $cups === [] && $learned === null && $this->cup !== null && $place->row === ChartRow::FullBust ? [$this->cup] : $cups;
        foreach ($cups === [] ? [$learned?->cup] : $cups as $cup) {
            $own = new ChartPlace($place->finished, $place->row, $cup);
            $this->place($row->at($own), $own, $name);
        }
    }

    /** A line of nothing but such words says what the rows below it are about; a sentence says nothing. */
    private function heading(PastedLine $line, RowName $words): void
    {
        $isHeading = RowName::isHeading($line->label);
        if ($isHeading) {
            $this->begin();
            $this->finished = $words->finished === true;
            $this->isHalf = $words->isHalf;
            $this->isHeaded = true;
            $this->partial = RowName::isOfAPart($line->label) ? self::ofAPart($line) : null;
            $this->cup = $words->cups[0] ?? null;
            $unknown = RowName::unknownIn($line->label);
            if ($unknown !== '') {
                $this->notes[] = self::short($line->label).': taken for '.($this->finished ? 'the finished garment' : 'the body').", whatever \"{$unknown}\" says.";
            }
        }
        $this->said = $words->unit ?? $this->said;
        $this->isMillimetres = $this->isMillimetres || RowName::isMillimetres($line->label);
        // "view B" under a heading of "view A": the same chart, of another view.
        if (! $isHeading && $this->isHeaded() && RowName::isOfAPart($line->label)) {
            $this->begin();
            $this->partial = self::ofAPart($line);
        }
        if (! $isHeading && $words->unit === null && ! RowName::isMillimetres($line->label) && trim($line->typed) !== '') {
            $this->leftOut[] = self::short($line->typed).': no figures';
        }
    }

    /** Whether a heading said what stands here. */
    private function isHeaded(): bool
    {
        return $this->isHeaded || $this->finished;
    }

    private function begin(): void
    {
        $this->table += $this->isTableBegun ? 1 : 0;
        $this->isTableBegun = false;
    }

    /** @param  list<int>  $places  of the sizes that it stands under */
    private function row(PastedLine $line, ?ChartPlace $place, Unit $unit, array $places, bool $isHalf): PreviewRow
    {
        $sizes = count($places);
        $kind = ($place ?? new ChartPlace(false, ChartRow::Waist))->kind();
        $reader = new CellReader($unit, $this->typedIn, $kind, $place?->finished !== true, $isHalf);
        $cells = $line->filled();
        if ($this->isMillimetres || RowName::isMillimetres($line->label)) {
            $cells = array_map(static fn (string $cell): string => (string) preg_replace('/^\d+(?:[.,]\d+)?$/', '$0 mm', trim($cell)), $cells);
        }
        $given = count($cells);
        // Between tabs a missing last cell is simply empty; between spaces nobody can tell which one is missing.
        $short = $given < $sizes && $given === count($line->cells);
        $doubt = $sizes > 0 && ($given > $sizes || $short) ? "{$given} figures for {$sizes} sizes: look which belongs where." : null;

        $read = array_map($reader->read(...), array_slice($cells, 0, PastedSizes::MOST));
        // A stray mark may have pushed the figures along, or be two of them run together: between spaces even
        // where their number is right, elsewhere where one is missing.
        $strays = array_filter($read, CellReader::isStray(...));
        $filled = count(array_filter($read, static fn (PastedCell $cell): bool => $cell->typed !== ''));
        $marked = array_filter($strays, static fn (PastedCell $cell): bool => $cell->typed !== '' && $cell->doubt !== null) !== [];
        $stray = $this->separator === Separator::Spaces ? $strays !== [] : $marked && $filled < $sizes;
        $read = CellReader::withLoneFiguresDoubted($read);
        $doubt ??= $isHalf ? 'A half girth, it seems: the figures are doubled.' : null;
        $doubt ??= $place !== null && $place->row->tellsUnit() && PastedUnit::contradicts($unit, $read)
            ? 'The figures don\'t look like '.$unit->words().'.'
            : null;
        $doubt ??= $stray ? 'Something here is no figure: look which figure belongs where.' : null;

        return new PreviewRow($line->label, $place, $unit, self::under($places, $read), $doubt, $this->table);
    }

    /**
     * Each cell at the place of its size among all sizes, in their order.
     *
     * @param  list<int>  $places
     * @param  list<PastedCell>  $cells
     * @return array<int, PastedCell>
     */
    private static function under(array $places, array $cells): array
    {
        $under = [];
        foreach ($cells as $index => $cell) {
            if (isset($places[$index])) {
                $under[$places[$index]] = $cell;
            }
        }

        return $under;
    }

    private function unnamed(PreviewRow $row, PastedLine $line): void
    {
        $figures = array_filter($row->cells, static fn (PastedCell $cell): bool => $cell->value !== null);
        if ($figures === []) {
            $this->leftOut[] = self::short($line->typed).': no figures';

            return;
        }
        $this->unnamed[] = $row->doubted('Which row is this? It is left out until you say.');
    }

    /** A point that stands a second time is the same in the other unit, or the finished garment's. */
    private function place(PreviewRow $row, ChartPlace $place, RowName $name): void
    {
        $there = $this->rows[$place->path()] ?? null;
        if ($there === null) {
            $this->rows[$place->path()] = $row;

            return;
        }
        // A block that goes on with further sizes.
        if (array_intersect_key($there->cells, $row->cells) === []) {
            $this->rows[$place->path()] = $there->withCells($there->cells + $row->cells)->doubted($row->doubt);

            return;
        }
        if ($there->unit !== $row->unit) {
            $this->leftOut[] = self::short($row->label).': the same row in the other unit';
            $this->rows[$place->path()] = self::compared($there, $row);

            return;
        }
        $finished = $place->asFinished();
        if ($name->finished === null && ! $place->finished && $finished->exists() && ! isset($this->rows[$finished->path()])) {
            $this->rows[$finished->path()] = $row->guessedAt(
                $finished,
                'It stands a second time, so it is taken for the finished garment.',
            );

            return;
        }
        $this->unnamed[] = $row->guessedAt(null, 'This row stands twice. It is left out until you say which it is.');
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

    /** With a cell for every size; a larger size has a larger figure, by about as much as its neighbours. */
    private function checked(PreviewRow $row, ?string $doubt, int $sizes): PreviewRow
    {
        $cells = array_map(static fn (int $place): PastedCell => $row->cells[$place] ?? PastedCell::empty(''), $sizes === 0 ? [] : range(0, $sizes - 1));

        return $row->withCells(RowSteps::doubted($cells))->doubted($doubt);
    }

    private static function ofAPart(PastedLine $line): string
    {
        return 'It stands under "'.self::short($line->label).'": look whether it is for all views and fits.';
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(trim($text), 0, 40, '…');
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\PlainWords;

/**
 * Reads a size chart from pasted text: from a spreadsheet, a web page or the text of a PDF.
 *
 * It never guesses in silence: whatever it is not sure of carries a doubt, in words.
 */
final class ChartPaste
{
    private readonly HeadingsAbove $above;

    private readonly PastedRows $rows;

    private readonly RowReader $reader;

    private readonly PartNames $parts;

    /** @var ?list<int> the places of the sizes that the rows stand under; null before a line of sizes */
    private ?array $places = null;

    private bool $hasRows = false;

    private int $table = 0;

    /** @var bool whether the table has rows: the next heading or line of sizes begins another */
    private bool $isTableBegun = false;

    /** @var list<string> */
    private array $leftOut = [];

    /** @var list<string> */
    private array $notes = [];

    /** @param  array<string, ChartPlace>  $learned  by plain label */
    private function __construct(
        private readonly Separator $separator,
        private readonly TableShape $shape,
        private readonly PastedUnit $unit,
        Unit $typedIn,
        private readonly bool $lettersAreCups,
        private readonly PastedSizes $sizes,
        private readonly array $learned,
    ) {
        $this->above = new HeadingsAbove;
        $this->above->isMillimetres = $unit->isMillimetres;
        $this->rows = new PastedRows;
        $this->reader = new RowReader($separator, $typedIn);
        $this->parts = new PartNames([], []);
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
        if ($unit->isMillimetres) {
            $self->notes[] = 'The figures can only be millimetres: each is kept as such.';
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
            $this->rows->all(),
        );

        return new ChartPreview(
            separator: $this->separator,
            unit: $this->unit->unit,
            transposed: $this->shape->transposed,
            sizes: $names,
            sizesDoubt: $this->sizes->doubt() ?? $this->sizesAgainst(),
            rows: $rows,
            leftOut: [...$this->leftOut, ...$this->rows->leftOut()],
            isUnitOpen: $this->unit->isOpen,
            notes: $this->notes,
            otherNames: $this->sizes->otherNames(),
            ranges: $this->sizes->ranges(),
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
        $range = $this->above->range ?? RangeWords::in($line->label);
        $isGarment = $this->above->finished;
        $this->above->sizesBegin($this->places === null);
        $this->begin();
        $this->places = $this->sizes->take($line, $range, mayBeNew: ! $isGarment);
        $this->hasRows = false;
    }

    private function line(PastedLine $line): void
    {
        if (! $line->hasCells()) {
            $this->heading($line);

            return;
        }
        [$of, $bare] = $this->parts->viewAndFit($line->label);
        $name = RowName::of($bare, $this->lettersAreCups);
        $label = PlainWords::plain($line->label);
        $learned = $this->learned[$label] ?? null;
        if ($this->places === null && $name->place === null && $learned === null && $this->shape->sizes() !== []) {
            $this->leftOut[] = self::short($line->typed).': stands above the sizes';

            return;
        }
        $above = $this->above;
        $above->rowBegins();
        $this->hasRows = true;
        $this->isTableBegun = true;
        $unit = $name->unit ?? $above->unit ?? $this->unit->unit;
        $place = $learned ?? $this->placeOf($name, $label);
        $places = $this->places ?? $this->sizes->counted(count($line->cells));
        $row = $this->reader->row(
            line: $line,
            place: $place,
            unit: $unit,
            places: $places,
            isHalf: $name->isHalf || $above->isHalf,
            isMillimetres: $above->isMillimetres,
            table: $this->table,
        );
        if ($place === null) {
            $this->unnamed($row, $line);

            return;
        }
        $row = $row->ofPart([...$above->of, ...$of])->doubted($above->doubt ?? ($of === [] || $place->finished ? null : 'Is it the body\'s, or the finished garment\'s?'));
        $cups = $learned === null ? $name->cups : [];
        $cups = $cups === [] && $learned === null && $above->cup !== null && $place->row === ChartRow::FullBust ? [$above->cup] : $cups;
        foreach ($cups === [] ? [$learned?->cup] : $cups as $cup) {
            $own = new ChartPlace($place->finished, $place->row, $cup);
            $this->rows->place($row->at($own), $own, $name->finished !== null);
        }
    }

    private function placeOf(RowName $name, string $label): ?ChartPlace
    {
        // In French the word for waist is also the word for size: a row is no line of sizes.
        $place = $name->place ?? ($label === 'taille' ? new ChartPlace(false, ChartRow::Waist) : null);
        if ($place === null || ! $this->above->finished || ($name->finished === false && ! $name->isFaint)) {
            return $place;
        }

        if ($place->row === LengthRow::BackLength) {
            // Of a garment it runs down to the hem.
            return new ChartPlace(false, LengthRow::FinishedLength);
        }

        return $place->row instanceof LengthRow ? $place : ($place->asFinished()->exists() ? $place->asFinished() : null);
    }

    /** A line of nothing but words says what the rows below it are about, where it says anything. */
    private function heading(PastedLine $line): void
    {
        $heading = HeadingWords::of($line->label, RowName::of($line->label, $this->lettersAreCups));
        if ($this->above->take($heading)) {
            $this->begin();
        }
        if ($heading->unknown !== '') {
            $this->notes[] = "{$heading->text}: taken for ".($heading->finished === true ? 'the finished garment' : 'the body').", whatever \"{$heading->unknown}\" says.";
        }
        if ($heading->isIdle() && trim($line->typed) !== '') {
            $this->leftOut[] = self::short($line->typed).': no figures';
        }
    }

    private function begin(): void
    {
        $this->table += $this->isTableBegun ? 1 : 0;
        $this->isTableBegun = false;
    }

    private function unnamed(PreviewRow $row, PastedLine $line): void
    {
        $figures = array_filter($row->cells, static fn (PastedCell $cell): bool => $cell->value !== null);
        if ($figures === []) {
            $this->leftOut[] = self::short($line->typed).': no figures';

            return;
        }
        $this->rows->unnamed($row->doubted('Which row is this? It is left out until you say.'));
    }

    /** With a cell for every size; in each group of sizes a larger one has a larger figure, by about as much as its neighbours. */
    private function checked(PreviewRow $row, ?string $doubt, int $sizes): PreviewRow
    {
        $cells = array_map(static fn (int $place): PastedCell => $row->cells[$place] ?? PastedCell::empty(''), $sizes === 0 ? [] : range(0, $sizes - 1));
        // Lengths may be alike for several sizes.
        foreach ($row->place?->row instanceof LengthRow ? [] : $this->sizes->groups() as $places) {
            $group = array_map(static fn (int $place): PastedCell => $cells[$place], $places);
            $cells = array_replace($cells, array_combine($places, RowSteps::doubted($group)));
        }

        return $row->withCells($cells)->doubted($doubt);
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(trim($text), 0, 40, '…');
    }
}

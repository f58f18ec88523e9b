<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;

/** Reads the figures of one line under its sizes. */
final readonly class RowReader
{
    /** @param  Unit  $typedIn  the one meant in the chart the rows go to */
    public function __construct(private Separator $separator, private Unit $typedIn)
    {
    }

    /**
     * @param  ?ChartPlace  $place  null where it is not known which row this is
     * @param  Unit  $unit  the figures'
     * @param  list<int>  $places  of the sizes that it stands under
     * @param  bool  $isHalf  whether the figures are half girths
     * @param  bool  $isMillimetres  whether a title said that they are millimetres
     * @param  int  $table  which of the pasted tables it stands in, from 0
     */
    public function row(PastedLine $line, ?ChartPlace $place, Unit $unit, array $places, bool $isHalf, bool $isMillimetres, int $table): PreviewRow
    {
        $sizes = count($places);
        $kind = ($place ?? new ChartPlace(false, ChartRow::Waist))->kind();
        $reader = new CellReader($unit, $this->typedIn, $kind, $place?->finished !== true, $isHalf);
        $cells = $line->filled();
        if ($isMillimetres || RowName::isMillimetres($line->label)) {
            $cells = array_map(static fn (string $cell): string => (string) preg_replace('/^\d+(?:[.,]\d+)?$/', '$0 mm', trim($cell)), $cells);
        }
        $given = count($cells);
        // Between tabs a missing last cell is simply empty; between spaces nobody can tell which one is missing.
        $short = $given < $sizes && $given === count($line->cells);
        $doubt = $sizes > 0 && ($given > $sizes || $short) ? "{$given} figures for {$sizes} sizes: look which belongs where." : null;

        $read = array_map($reader->read(...), array_slice($cells, 0, PastedSizes::MOST));
        $isStray = $this->isStray($read, $sizes);
        $read = CellReader::withLoneFiguresDoubted($read);
        $doubt ??= $isHalf ? 'A half girth, it seems: the figures are doubled.' : null;
        $doubt ??= $place !== null && $place->row->tellsUnit() && PastedUnit::contradicts($unit, $read)
            ? 'The figures don\'t look like '.$unit->words().'.'
            : null;
        $doubt ??= $isStray ? 'Something here is no figure: look which figure belongs where.' : null;

        return new PreviewRow($line->label, $place, $unit, self::under($places, $read), $doubt, $table);
    }

    /**
     * A stray mark may have pushed the figures along, or be two of them run together: between spaces even where
     * their number is right, elsewhere where one is missing.
     *
     * @param  list<PastedCell>  $read
     */
    private function isStray(array $read, int $sizes): bool
    {
        $strays = array_filter($read, CellReader::isStray(...));
        $filled = count(array_filter($read, static fn (PastedCell $cell): bool => $cell->typed !== ''));
        $marked = array_filter($strays, static fn (PastedCell $cell): bool => $cell->typed !== '' && $cell->doubt !== null) !== [];

        return $this->separator === Separator::Spaces ? $strays !== [] : $marked && $filled < $sizes;
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
}

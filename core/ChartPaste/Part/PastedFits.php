<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\ChartPlace;
use Underbolt\ChartPaste\PartNames;
use Underbolt\ChartPaste\PastedCell;
use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\PastedTable;
use Underbolt\ChartPaste\PreviewRow;
use Underbolt\ChartPaste\TableShape;
use Underbolt\Measure\Unit;

/** Finished figures by view, fit or cup: blocks under a heading that names one, or rows that name it in their label. */
final class PastedFits
{
    /**
     * @param  list<string>  $sizes  the pattern's
     * @param  list<string>  $views  the pattern's
     * @param  list<string>  $fits  the pattern's
     */
    public static function read(string $text, Unit $typedIn, array $sizes, array $views, array $fits, ?Unit $told = null): PastedPart
    {
        $names = new PartNames($views, $fits);
        $blocks = [];
        $heading = [];
        $leftOut = [];
        $head = null;
        foreach (TableShape::of(PastedTable::of($text)->lines)->lines as $line) {
            if ($line->isSizes) {
                $head = $line;

                continue;
            }
            [$part, $label] = $names->in($line->label);
            if (! $line->hasCells()) {
                $heading = $part === [] ? $heading : $part;
                if ($part === []) {
                    $leftOut[] = mb_strimwidth(trim($line->typed), 0, 40, '…').': names no view, fit or cup';
                }

                continue;
            }
            $of = [...$heading, ...$part];
            $blocks[json_encode($of, JSON_THROW_ON_ERROR)][] = new PastedLine($label, $line->cells, $line->typed);
        }
        $columns = $head === null ? SizeColumns::inOrder($sizes) : SizeColumns::of($head, $sizes);
        $leftOut = [...$leftOut, ...$columns->leftOut];
        $rows = [];
        $parts = [];
        $open = false;
        foreach ($blocks as $key => $lines) {
            /** @var array{view?: string, fit?: string, cup?: string} $of */
            $of = (array) json_decode($key, true);
            $preview = ChartPaste::read(self::asText($sizes, $columns, $lines), $typedIn, told: $told);
            $open = $open || $preview->isUnitOpen;
            $finished = [];
            foreach ($preview->rows as $row) {
                $place = self::placeOf($row);
                $cells = array_map(static fn (PastedCell $cell): string => $cell->text, array_values($row->cells));
                $rows[] = new PastedRow(trim("{$row->label}, ".implode(', ', $of), ', '), $cells, self::doubt($row, $place, $of));
                if ($place !== null && $of !== []) {
                    $finished[$place->row->value] = array_map(static fn (string $cell): ?string => $cell === '' ? null : $cell, $cells);
                }
            }
            $leftOut = [...$leftOut, ...$preview->leftOut, ...self::beyond($columns, $lines)];
            if ($finished !== []) {
                $parts[] = [...$of, 'finished' => $finished];
            }
        }

        return new PastedPart($sizes, $rows, $leftOut, $open ? ['cm', 'in'] : [], ['finished_by' => $parts]);
    }

    /**
     * The block as a chart of its own, under the pattern's sizes in their order.
     *
     * @param  list<string>  $sizes
     * @param  list<PastedLine>  $lines
     */
    private static function asText(array $sizes, SizeColumns $columns, array $lines): string
    {
        $rows = array_map(static fn (PastedLine $line): array => [$line->label, ...$columns->under($line->cells)], $lines);

        return implode("\n", array_map(static fn (array $cells): string => implode("\t", $cells), [['Size', ...$sizes], ...$rows]));
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return list<string> what stands beyond the last size
     */
    private static function beyond(SizeColumns $columns, array $lines): array
    {
        $long = array_filter($lines, static fn (PastedLine $line): bool => count($line->filled()) > $columns->count());

        return array_map(
            static fn (PastedLine $line): string => "{$line->label}: ".count($line->filled())." figures for {$columns->count()} sizes",
            array_values($long),
        );
    }

    private static function placeOf(PreviewRow $row): ?ChartPlace
    {
        $finished = $row->place?->asFinished();

        return $finished !== null && $finished->exists() ? new ChartPlace(true, $finished->row) : null;
    }

    /** @param  array{view?: string, fit?: string, cup?: string}  $of */
    private static function doubt(PreviewRow $row, ?ChartPlace $place, array $of): ?string
    {
        $doubted = array_filter($row->cells, static fn (PastedCell $cell): bool => $cell->doubt !== null);

        return match (true) {
            $of === [] => 'For which view, fit or cup? It is left out until the line says.',
            $place === null => 'Which row is this? It is left out.',
            default => $row->doubt ?? (array_values($doubted)[0]->doubt ?? null),
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\PastedCell;
use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\PreviewRow;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;

/** A table of cups in which the bust stands by size, a row for each cup, rather than a rule of differences: those rows of the size chart. */
final class CupRows
{
    /**
     * @param  ?Unit  $told  the unit of the figures, where a person has said it
     * @param  list<string>  $sizes  the pattern's
     * @return ?PastedPart null where the text holds no such rows
     */
    public static function read(string $text, Unit $typedIn, ?Unit $told, array $sizes): ?PastedPart
    {
        if ($sizes === []) {
            return null;
        }
        $chart = ChartPaste::read($text, $typedIn, $told);
        $busts = array_values(array_filter($chart->rows, static fn (PreviewRow $row): bool => $row->place?->row === ChartRow::FullBust && $row->place->cup !== null));
        if ($busts === []) {
            return null;
        }
        $columns = SizeColumns::of(new PastedLine('', $chart->sizes, implode(' ', $chart->sizes)), $sizes);
        if (count($columns->leftOut) >= count($chart->sizes)) {
            return null;
        }
        $rows = $entries = [];
        foreach ($busts as $row) {
            $cells = $columns->under(array_map(static fn (PastedCell $cell): string => $cell->text, array_values($row->cells)));
            $isFinished = $row->place?->finished === true;
            $cup = (string) $row->place?->cup;
            $rows[] = new PastedRow($isFinished ? "Cup {$cup}, finished" : "Cup {$cup}", array_map(strval(...), $cells), $chart->doubtOf($row));
            $entries[] = ['chart' => $isFinished ? 'finished' : 'body_chart', 'cup' => $cup, 'figures' => $cells];
        }

        return new PastedPart($sizes, $rows, [...$columns->leftOut, ...$chart->leftOut], $chart->isUnitOpen ? ['cm', 'in'] : [], ['cup_rules' => [], 'cup_rows' => $entries]);
    }
}

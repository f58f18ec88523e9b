<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\ChartPaste\ChartPreview;
use Underbolt\ChartPaste\PreviewRow;
use Underbolt\Measure\Unit;

final readonly class ChartPreviewData
{
    /**
     * @param  string  $separator  what stood between the cells
     * @param  value-of<Unit>  $unit
     * @param  bool  $transposed  it stood with the sizes down
     * @param  list<string>  $sizes
     * @param  list<ChartPreviewRowData>  $rows
     * @param  list<string>  $left_out
     * @param  bool  $unit_open  the figures could be in either unit: it has to be said
     * @param  ?int  $open_table  the table, counted from 0, of which it has to be said which chart it is
     * @param  string  $sentence  what was understood, in one sentence
     * @param  list<string>  $notes
     * @param  list<?string>  $table_doubts  why all rows of a table should be looked at, one for each table
     * @param  list<ChartRangeData>  $ranges  groups of sizes that the chart prints apart, such as Misses and Women's; empty where it is one
     * @param  list<list<string>>  $other_names  further names that the sizes are given, each list one for each size
     */
    public function __construct(
        public string $separator,
        public string $unit,
        public bool $transposed,
        public array $sizes,
        public ?string $sizes_doubt,
        public array $rows,
        public array $left_out,
        public bool $unit_open,
        public ?int $open_table,
        public string $sentence,
        public array $notes,
        public array $table_doubts,
        public array $ranges,
        public array $other_names,
        public int $figures,
        public int $doubts,
    ) {
    }

    public static function of(ChartPreview $preview): self
    {
        return new self(
            separator: $preview->separator->value,
            unit: $preview->unit->value,
            transposed: $preview->transposed,
            sizes: $preview->sizes,
            sizes_doubt: $preview->sizesDoubt,
            rows: array_map(static fn (PreviewRow $row): ChartPreviewRowData => ChartPreviewRowData::of($row, $preview), $preview->rows),
            left_out: $preview->leftOut,
            unit_open: $preview->isUnitOpen,
            open_table: $preview->openTable(),
            sentence: $preview->sentence(),
            notes: $preview->notes,
            table_doubts: $preview->tableDoubts(),
            ranges: array_map(static fn (array $range): ChartRangeData => new ChartRangeData($range['name'], $range['sizes']), $preview->ranges),
            other_names: $preview->otherNames,
            figures: $preview->figures(),
            doubts: $preview->doubts(),
        );
    }
}

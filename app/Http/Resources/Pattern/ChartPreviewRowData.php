<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Http\RefusalResponse;
use Underbolt\ChartPaste\ChartPreview;
use Underbolt\ChartPaste\PastedCell;
use Underbolt\ChartPaste\PreviewRow;

final readonly class ChartPreviewRowData
{
    /**
     * @param  string  $label  as pasted
     * @param  ?string  $place  where it goes, such as body_chart.waist or cups.finished.C; null until a person says
     * @param  ?string  $doubt  why the whole row should be looked at; what is said of its whole table is not said again
     * @param  ?ChartPartData  $of  the view and fit of the garment that it is for; null where it is for all
     * @param  int  $table  which of the pasted tables it stands in, from 0
     * @param  bool  $guess  its chart was guessed: it stands in an earlier table too
     * @param  list<ChartPreviewCellData>  $cells  one for each size
     */
    public function __construct(
        public string $label,
        public ?string $place,
        public ?string $doubt,
        public ?ChartPartData $of,
        public int $table,
        public bool $guess,
        public array $cells,
    ) {
    }

    public static function of(PreviewRow $row, ChartPreview $preview): self
    {
        $cells = array_map(static fn (PastedCell $cell): ChartPreviewCellData => new ChartPreviewCellData(
            $cell->typed,
            $cell->text,
            $cell->doubt === null ? null : RefusalResponse::sentence($cell->doubt),
        ), array_values($row->cells));

        return new self(
            label: $row->label,
            place: $row->place?->path(),
            doubt: $preview->doubtOf($row),
            of: $row->of === [] ? null : new ChartPartData($row->of['view'] ?? null, $row->of['fit'] ?? null),
            table: $row->table,
            guess: $row->isGuess,
            cells: $cells,
        );
    }
}

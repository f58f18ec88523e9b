<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Http\RefusalResponse;
use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\PastedCell;
use Underbolt\ChartPaste\PreviewRow;

#[OA\Schema]
final readonly class ChartPreviewRowData
{
    /** @param  list<ChartPreviewCellData>  $cells */
    public function __construct(
        #[OA\Property(description: 'as pasted')] public string $label,
        #[OA\Property(description: 'where it goes, such as body_chart.waist or cups.finished.C; null until a person says')]
        public ?string $place,
        #[OA\Property] public ?string $doubt,
        #[OA\Property(description: 'which of the pasted tables it stands in, from 0')] public int $table,
        #[OA\Property(description: 'its chart was guessed: it stands in an earlier table too')] public bool $guess,
        #[OA\Property(description: 'one for each size', items: new OA\Items(ref: ChartPreviewCellData::class))] public array $cells,
    ) {
    }

    public static function of(PreviewRow $row): self
    {
        $cells = array_map(static fn (PastedCell $cell): ChartPreviewCellData => new ChartPreviewCellData(
            $cell->typed,
            $cell->text,
            $cell->doubt === null ? null : RefusalResponse::sentence($cell->doubt),
        ), array_values($row->cells));

        return new self($row->label, $row->place?->path(), $row->doubt, $row->table, $row->isGuess, $cells);
    }
}

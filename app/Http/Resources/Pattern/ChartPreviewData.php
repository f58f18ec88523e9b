<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\ChartPreview;

#[OA\Schema]
final readonly class ChartPreviewData
{
    /**
     * @param  list<string>  $sizes
     * @param  list<ChartPreviewRowData>  $rows
     * @param  list<string>  $left_out
     * @param  list<string>  $notes
     * @param  list<list<string>>  $other_names
     */
    public function __construct(
        #[OA\Property(description: 'what stood between the cells')] public string $separator,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(description: 'it stood with the sizes down')] public bool $transposed,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property] public ?string $sizes_doubt,
        #[OA\Property(items: new OA\Items(ref: ChartPreviewRowData::class))] public array $rows,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $left_out,
        #[OA\Property(description: 'the meaning of ranges has to be said')] public bool $has_ranges,
        #[OA\Property(description: 'the figures could be in either unit: it has to be said')] public bool $unit_open,
        #[OA\Property(description: 'the table, counted from 0, of which it has to be said which chart it is')] public ?int $open_table,
        #[OA\Property(description: 'what was understood, in one sentence')] public string $sentence,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $notes,
        #[OA\Property(
            description: 'further names that the sizes are given, each list one for each size',
            items: new OA\Items(type: 'array', items: new OA\Items(type: 'string')),
        )] public array $other_names,
        #[OA\Property] public int $figures,
        #[OA\Property] public int $doubts,
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
            rows: array_map(ChartPreviewRowData::of(...), $preview->rows),
            left_out: $preview->leftOut,
            has_ranges: $preview->hasRanges,
            unit_open: $preview->isUnitOpen,
            open_table: $preview->openTable(),
            sentence: $preview->sentence(),
            notes: $preview->notes,
            other_names: $preview->otherNames,
            figures: $preview->figures(),
            doubts: $preview->doubts(),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\Part\PastedPart;

#[OA\Schema]
final readonly class PastedPartData
{
    /**
     * @param  list<string>  $head
     * @param  list<PastedRowData>  $rows
     * @param  list<string>  $left_out
     * @param  list<string>  $open_units
     * @param  array<string, mixed>  $entries
     */
    public function __construct(
        #[OA\Property(description: 'names of the columns', items: new OA\Items(type: 'string'))] public array $head,
        #[OA\Property(items: new OA\Items(ref: PastedRowData::class))] public array $rows,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $left_out,
        #[OA\Property(description: 'to choose from, where nothing tells the unit', items: new OA\Items(type: 'string'))]
        public array $open_units,
        #[OA\Property(description: 'as they go into the pattern: lists of PatternDocument, and lines of its cup table', type: 'object')]
        public array $entries,
    ) {
    }

    public static function of(PastedPart $part): self
    {
        return new self($part->head, array_map(PastedRowData::of(...), $part->rows), $part->leftOut, $part->openUnits, $part->document);
    }
}

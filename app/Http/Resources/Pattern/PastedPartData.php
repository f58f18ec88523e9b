<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\Part\PastedPart;

final readonly class PastedPartData
{
    /**
     * @param  list<string>  $head  names of the columns
     * @param  list<PastedRowData>  $rows
     * @param  list<string>  $left_out
     * @param  list<string>  $open_units  to choose from, where nothing tells the unit
     * @param  array<string, mixed>  $entries
     */
    public function __construct(
        public array $head,
        public array $rows,
        public array $left_out,
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

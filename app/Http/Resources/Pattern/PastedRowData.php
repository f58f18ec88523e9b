<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\ChartPaste\Part\PastedRow;

#[OA\Schema]
final readonly class PastedRowData
{
    /** @param  list<string>  $cells */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $cells,
        #[OA\Property(description: 'why a person should look at it')] public ?string $doubt,
    ) {
    }

    public static function of(PastedRow $row): self
    {
        return new self($row->name, $row->cells, $row->doubt);
    }
}

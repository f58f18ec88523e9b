<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\ChartPaste\Part\PastedRow;

final readonly class PastedRowData
{
    /**
     * @param  list<string>  $cells
     * @param  ?string  $doubt  why a person should look at it
     */
    public function __construct(
        public string $name,
        public array $cells,
        public ?string $doubt,
    ) {
    }

    public static function of(PastedRow $row): self
    {
        return new self($row->name, $row->cells, $row->doubt);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

final readonly class ChartPreviewCellData
{
    /**
     * @param  string  $typed  as pasted
     * @param  string  $text  what goes into the chart; empty where it can't be read
     * @param  ?string  $doubt  why a person should look at it
     */
    public function __construct(
        public string $typed,
        public string $text,
        public ?string $doubt,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

/** One line of such a table as it was understood. */
final readonly class PastedRow
{
    /**
     * @param  list<string>  $cells  under the names of the columns
     * @param  ?string  $doubt  why a person should look at it
     */
    public function __construct(public string $name, public array $cells, public ?string $doubt = null)
    {
    }
}

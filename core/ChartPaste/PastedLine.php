<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** One line of a pasted table: the words it begins with, and its cells. */
final readonly class PastedLine
{
    /**
     * @param  string  $label  empty where the line begins with a figure
     * @param  list<string>  $cells
     * @param  string  $typed  the whole line as it was pasted
     * @param  bool  $isSizes  whether it names the sizes of what stands below it
     */
    public function __construct(public string $label, public array $cells, public string $typed, public bool $isSizes = false)
    {
    }

    public function hasCells(): bool
    {
        return implode('', $this->cells) !== '';
    }

    /** @return list<string> the cells up to the last that holds something */
    public function filled(): array
    {
        $cells = $this->cells;
        while ($cells !== [] && end($cells) === '') {
            array_pop($cells);
        }

        return $cells;
    }
}

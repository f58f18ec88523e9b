<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

/** How the pages of a piece lie side by side. */
final readonly class PageLayout
{
    /**
     * @param  list<?int>  $cells  which page, from 0, lies in each, row after row; null where none does
     * @param  positive-int  $columns
     * @param  float  $acrossMm  from one page to the next one to the right
     * @param  float  $downMm  likewise below
     */
    public function __construct(public array $cells, public int $columns, public float $acrossMm, public float $downMm)
    {
    }

    /** The page in a cell; null where none lies there. */
    public function at(int $row, int $column): ?int
    {
        return $column < 0 || $column >= $this->columns || $row < 0 ? null : $this->cells[$row * $this->columns + $column] ?? null;
    }

    public function rows(): int
    {
        return (int) ceil(count($this->cells) / $this->columns);
    }
}

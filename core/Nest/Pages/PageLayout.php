<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

/** How the pages of a piece lie: side by side, or one on another where each shows the whole piece. */
final readonly class PageLayout
{
    /**
     * @param  list<?int>  $cells  which page, from 0, lies in each, row after row; null where none does
     * @param  positive-int  $columns
     * @param  float  $acrossMm  from one page to the next one to the right
     * @param  float  $downMm  likewise below
     * @param  ?array<int, array{float, float}>  $moved  where the pages lie on one another: how far each is moved for that, by page; null where they lie side by side
     */
    public function __construct(public array $cells, public int $columns, public float $acrossMm, public float $downMm, public ?array $moved = null)
    {
    }

    /**
     * Pages that lie on one another.
     *
     * @param  list<int>  $pages
     * @param  array<int, array{float, float}>  $moved  how far each is moved for that, by page; those that aren't named lie as they are
     */
    public static function stack(array $pages, array $moved = []): self
    {
        return new self($pages, 1, 0.0, 0.0, $moved);
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

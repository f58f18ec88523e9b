<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\Mending\Chains;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\UnreadableNest;

/** A piece that was spread over the pages of a PDF, put together again. */
final readonly class PagesTogether
{
    /** No house spreads a piece over more. */
    public const MOST_PAGES = 60;

    /** Lines go on across a join within so much, in millimetres, */
    private const GAP_MM = 1.5;

    /** and so many radians: 15 degrees. */
    private const TURN = M_PI / 12;

    /**
     * @param  non-empty-list<PrintedPage>  $pages  without what stands on all of them
     * @param  ClipBox  $window  that each shows its part through
     */
    private function __construct(public array $pages, public ClipBox $window, private PageJoins $joins)
    {
    }

    /**
     * @param  non-empty-list<NestDrawing>  $drawings  page after page
     *
     * @throws UnreadableNest where there is nothing on any of them
     */
    public static function of(array $drawings): self
    {
        [$pages, $window] = PageFurniture::apart(array_map(PrintedPage::of(...), $drawings));
        if (array_filter($pages, static fn (PrintedPage $page): bool => $page->lines !== []) === []) {
            throw UnreadableNest::at('drawing', 'has no lines on any of its pages');
        }

        return new self($pages, $window, new PageJoins($pages, $window));
    }

    /** As the lines go on best: in reading order, or column after column. */
    public function proposed(): PageLayout
    {
        $count = count($this->pages);
        $best = null;
        $bestScore = -INF;
        for ($columns = 1; $columns <= $count; $columns++) {
            $rows = intdiv($count + $columns - 1, $columns);
            // A last column that stays empty is one column less.
            foreach (intdiv($count + $rows - 1, $rows) === $columns ? [true, false] : [true] as $byRows) {
                $layout = $this->laid(self::cells($count, $columns, $rows, $byRows), $columns);
                [$met, $of] = $this->joins->met($layout);
                $score = $met - 0.5 * ($of - $met);
                if ($score > $bestScore) {
                    [$best, $bestScore] = [$layout, $score];
                }
            }
        }

        return $best ?? $this->laid(range(0, $count - 1), $count);
    }

    /**
     * Pages in cells, as far apart as their lines say.
     *
     * @param  list<?int>  $cells
     * @param  positive-int  $columns
     */
    public function laid(array $cells, int $columns): PageLayout
    {
        $layout = new PageLayout($cells, $columns, 0.0, 0.0);
        $pairs = ['x' => [], 'y' => []];
        for ($row = 0; $row < $layout->rows(); $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $page = $layout->at($row, $column);
                foreach (['x' => $layout->at($row, $column + 1), 'y' => $layout->at($row + 1, $column)] as $axis => $other) {
                    if ($page !== null && $other !== null) {
                        $pairs[$axis][] = [$page, $other];
                    }
                }
            }
        }
        [$wide, $high] = [$this->window->right - $this->window->left, $this->window->bottom - $this->window->top];
        [[$across], [$down]] = [$this->joins->step($pairs['x'], 'x'), $this->joins->step($pairs['y'], 'y')];

        return new PageLayout($cells, $columns, $across ?? $wide - ($down === null ? 0.0 : $high - $down), $down ?? $high - ($across === null ? 0.0 : $wide - $across));
    }

    /** @return array{int, int} how many lines go on across the joins, and of how many */
    public function met(PageLayout $layout): array
    {
        return $this->joins->met($layout);
    }

    /** One drawing of all pages. */
    public function drawing(PageLayout $layout): NestDrawing
    {
        $lines = [];
        for ($row = 0; $row < $layout->rows(); $row++) {
            for ($column = 0; $column < $layout->columns; $column++) {
                $page = $layout->at($row, $column);
                if ($page !== null) {
                    array_push($lines, ...$this->part($layout, $row, $column, $page));
                }
            }
        }
        [$wide, $high] = [$this->window->right - $this->window->left, $this->window->bottom - $this->window->top];
        $used = count(array_filter($layout->cells, static fn (?int $page): bool => $page !== null));

        return new NestDrawing(self::joined($lines), ($layout->columns - 1) * $layout->acrossMm + $wide, ($layout->rows() - 1) * $layout->downMm + $high, true, ["Put together from {$used} pages."]);
    }

    /**
     * Where two pages show the same, each shows its half of it.
     *
     * @return list<DrawnLine>
     */
    private function part(PageLayout $layout, int $row, int $column, int $page): array
    {
        $over = [max(0.0, $this->window->right - $this->window->left - $layout->acrossMm) / 2, max(0.0, $this->window->bottom - $this->window->top - $layout->downMm) / 2];
        $beside = static fn (int $down, int $across): bool => $layout->at($row + $down, $column + $across) !== null;
        $cell = new ClipBox(
            $this->window->left + ($beside(0, -1) ? $over[0] : 0.0),
            $this->window->top + ($beside(-1, 0) ? $over[1] : 0.0),
            $this->window->right - ($beside(0, 1) ? $over[0] : 0.0),
            $this->window->bottom - ($beside(1, 0) ? $over[1] : 0.0),
        );
        [$x, $y] = [$column * $layout->acrossMm - $this->window->left, $row * $layout->downMm - $this->window->top];

        return array_map(static fn (DrawnLine $line): DrawnLine => new DrawnLine(
            'page-'.($page + 1)."-{$line->id}",
            $line->names,
            $line->stroke,
            $line->dash,
            [$line->runs[0]->changed(static fn (float $atX, float $atY): array => [$atX + $x, $atY + $y])],
        ), $this->pages[$page]->within($cell)->lines);
    }

    /**
     * @param  list<DrawnLine>  $lines
     * @return list<DrawnLine> those that go on across a join are one
     */
    private static function joined(array $lines): array
    {
        $groups = [];
        foreach ($lines as $place => $line) {
            if (! $line->runs[0]->isClosed) {
                $groups[$line->look().'|'.implode('|', array_filter($line->names, static fn (string $name): bool => preg_match('/^(surface|line|path)-?\d*$/', $name) !== 1))][$place] = $line;
            }
        }
        $chains = new Chains(self::GAP_MM, self::TURN);
        foreach ($groups as $open) {
            $runs = array_map(static fn (DrawnLine $line): Line => $line->runs[0], $open);
            foreach ($chains->of($runs) as $chain) {
                $first = $open[$chain[0][0]];
                $lines[$chain[0][0]] = new DrawnLine($first->id, $first->names, $first->stroke, $first->dash, [$chains->joined($runs, $chain)]);
                foreach (array_slice($chain, 1) as [$place]) {
                    unset($lines[$place]);
                }
            }
        }

        return array_values($lines);
    }

    /** @return list<?int> */
    private static function cells(int $count, int $columns, int $rows, bool $byRows): array
    {
        $cells = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $page = $byRows ? $row * $columns + $column : $column * $rows + $row;
                $cells[] = $page < $count ? $page : null;
            }
        }

        return $cells;
    }
}

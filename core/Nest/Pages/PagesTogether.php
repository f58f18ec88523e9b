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
        $whole = array_map(PrintedPage::of(...), $drawings);
        [$pages, $window] = PageFurniture::apart($whole);
        if (array_filter($pages, static fn (PrintedPage $page): bool => $page->lines !== []) === []) {
            throw UnreadableNest::at('drawing', 'has no lines on any of its pages');
        }

        $joins = new PageJoins($pages, $window);
        $isSpread = array_filter(array_keys($pages), $joins->isCutOff(...)) !== [];

        // Where no page goes on in another nothing is there for the sake of laying them side by side.
        return $isSpread ? new self($pages, $window, $joins) : new self($whole, PrintedPage::largest($whole), $joins);
    }

    /** As the lines go on best: in reading order, or column after column; without covers and instructions, which go on nowhere. */
    public function proposed(): PageLayout
    {
        $tiles = array_values(array_filter(array_keys($this->pages), $this->joins->isCutOff(...)));
        if ($tiles === []) {
            return PageStack::of($this->pages);
        }
        [$best, $bestScore, $bestMet, $isWhole] = [null, -INF, 0, false];
        for ($first = $tiles[0]; $first >= 0; $first--) {
            // Without the others every join meets: there is nothing to be found by adding some.
            for ($last = $tiles[count($tiles) - 1]; ! $isWhole && $last < count($this->pages); $last++) {
                foreach ($this->orders(range($first, $last)) as $layout) {
                    [$met, $of] = $this->joins->met($layout);
                    $score = $met - 0.5 * ($of - $met);
                    if ($score > $bestScore) {
                        [$best, $bestScore, $bestMet, $isWhole] = [$layout, $score, $met, $met === $of];
                    }
                }
            }
        }

        // Where nothing goes on anywhere, lines that end at an edge end there by themselves.
        return $best === null || ($bestMet === 0 && count($tiles) > 1) ? PageStack::of($this->pages) : $best;
    }

    /**
     * @param  non-empty-list<int>  $pages  one after the other
     * @return iterable<PageLayout>
     */
    private function orders(array $pages): iterable
    {
        $count = count($pages);
        for ($columns = 1; $columns <= $count; $columns++) {
            $rows = intdiv($count + $columns - 1, $columns);
            // A last column that stays empty is one column less.
            foreach (intdiv($count + $rows - 1, $rows) === $columns ? [true, false] : [true] as $byRows) {
                yield $this->laid(self::cells($pages, $columns, $rows, $byRows), $columns);
            }
        }
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
        if ($layout->moved !== null) {
            return PageStack::drawing($this->pages, $layout);
        }
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
     * Where two pages show the same, each shows its half of it; what only one of them shows is shown by that.
     *
     * @return list<DrawnLine>
     */
    private function part(PageLayout $layout, int $row, int $column, int $page): array
    {
        [$left, $top, $right, $bottom] = [$this->window->left, $this->window->top, $this->window->right, $this->window->bottom];
        $over = [max(0.0, $right - $left - $layout->acrossMm), max(0.0, $bottom - $top - $layout->downMm)];
        $box = [$left, $top, $right, $bottom];
        $beside = [];
        foreach ([[0, 0, -1, $left + $over[0] / 2], [1, -1, 0, $top + $over[1] / 2], [2, 0, 1, $right - $over[0] / 2], [3, 1, 0, $bottom - $over[1] / 2]] as [$edge, $down, $across, $half]) {
            $other = $layout->at($row + $down, $column + $across);
            if ($other !== null) {
                $strip = $box;
                $strip[($edge + 2) % 4] = $box[$edge] = $half;
                $beside[$edge] = [$other, $across * $layout->acrossMm, $down * $layout->downMm, $strip];
            }
        }
        $lines = $this->pages[$page]->within(new ClipBox(...$box))->lines;
        foreach ($beside as $edge => [$other, $acrossMm, $downMm, $strip]) {
            $strip[$edge] = [$left, $top, $right, $bottom][$edge];
            foreach ($this->pages[$page]->within(new ClipBox(...$strip))->lines as $line) {
                [$x, $y] = $line->runs[0]->at($line->runs[0]->length() / 2);
                if (! $this->joins->isDrawnOn($other, $x - $acrossMm, $y - $downMm)) {
                    $lines[] = new DrawnLine("{$line->id}-{$edge}", $line->names, $line->stroke, $line->dash, $line->runs);
                }
            }
        }
        [$x, $y] = [$column * $layout->acrossMm - $left, $row * $layout->downMm - $top];

        return array_map(static fn (DrawnLine $line): DrawnLine => self::onPage($line, $page, $x, $y), $lines);
    }

    /** A line of a page as it lies on the whole. */
    public static function onPage(DrawnLine $line, int $page, float $x, float $y): DrawnLine
    {
        return new DrawnLine('page-'.($page + 1)."-{$line->id}", $line->names, $line->stroke, $line->dash, [$line->runs[0]->changed(static fn (float $atX, float $atY): array => [$atX + $x, $atY + $y])]);
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

    /**
     * @param  list<int>  $pages
     * @return list<?int>
     */
    private static function cells(array $pages, int $columns, int $rows, bool $byRows): array
    {
        $cells = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $cells[] = $pages[$byRows ? $row * $columns + $column : $column * $rows + $row] ?? null;
            }
        }

        return $cells;
    }
}

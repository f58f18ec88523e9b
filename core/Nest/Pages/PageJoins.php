<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;

/** How well lines go on from page to page. */
final class PageJoins
{
    /** Ends so near a line of the next page go on in it, in millimetres. */
    private const MEETS_MM = 0.6;

    /** Lines that run so nearly along the way tell nothing of how far it is: the sine of 1.5 degrees. */
    private const LEAST_SINE = 0.026;

    /** One line runs the same way on both pages, within the sine of 6 degrees. */
    private const TURN_SINE = 0.105;

    private const BIN_MM = 0.5;

    private const FINE_MM = 0.2;

    /** Pages overlap by less than a third, and gape by no more, as shares of the window. */
    private const LEAST_STEP = 0.66;

    private const MOST_GAP_MM = 12.0;

    /** @var list<PageEdges> */
    private array $edges;

    /** @param  list<PrintedPage>  $pages */
    public function __construct(array $pages, private readonly ClipBox $window)
    {
        $this->edges = array_map(static fn (PrintedPage $page): PageEdges => new PageEdges($page, $window), $pages);
    }

    /**
     * How far from one page to the next, as far as some pairs tell.
     *
     * @param  list<array{int, int}>  $pairs  of neighbours
     * @param  string  $axis  `x` from left to right, `y` from top to bottom
     * @return array{?float, float} and how many lines say so; null where none does
     */
    public function step(array $pairs, string $axis): array
    {
        [$span, $before, $after] = $axis === 'x'
            ? [$this->window->right - $this->window->left, 'left', 'right']
            : [$this->window->bottom - $this->window->top, 'top', 'bottom'];
        $bins = [];
        foreach ($pairs as [$one, $other]) {
            $said = [
                ...$this->told($this->edges[$other]->ends[$before], $this->edges[$one], $axis, -1),
                ...$this->told($this->edges[$one]->ends[$after], $this->edges[$other], $axis, 1),
            ];
            foreach ($said as [$step, $weight]) {
                if ($step >= self::LEAST_STEP * $span && $step <= $span + self::MOST_GAP_MM) {
                    $bins[(int) round($step / self::BIN_MM)][] = [$step, $weight];
                }
            }
        }
        $best = [null, 0.0];
        foreach ($bins as $bin => $ignored) {
            $near = [...$bins[$bin - 1] ?? [], ...$bins[$bin], ...$bins[$bin + 1] ?? []];
            $weight = array_sum(array_column($near, 1));
            if ($weight > $best[1]) {
                $best = [self::mean(self::near($near, self::mean($near))), $weight];
            }
        }

        return $best;
    }

    /**
     * Those that run across the join tell it best.
     *
     * @param  non-empty-list<array{float, float}>  $told
     */
    private static function mean(array $told): float
    {
        $sum = array_sum(array_map(static fn (array $one): float => $one[0] * $one[1] ** 2, $told));

        return $sum / array_sum(array_map(static fn (array $one): float => $one[1] ** 2, $told));
    }

    /**
     * @param  non-empty-list<array{float, float}>  $told
     * @return non-empty-list<array{float, float}>
     */
    private static function near(array $told, float $step): array
    {
        $near = array_values(array_filter($told, static fn (array $one): bool => abs($one[0] - $step) <= self::FINE_MM));

        return $near === [] ? $told : $near;
    }

    /**
     * @param  list<array{float, float, float}>  $ends
     * @return list<array{float, float}> steps, and how surely each is told
     */
    private function told(array $ends, PageEdges $page, string $axis, int $sign): array
    {
        $told = [];
        foreach ($ends as [$x, $y, $direction]) {
            $sine = abs($axis === 'x' ? sin($direction) : cos($direction));
            if ($sine < self::LEAST_SINE) {
                continue;
            }
            foreach ($page->crossings($axis === 'x' ? 'y' : 'x', $axis === 'x' ? $y : $x) as [$at, $way]) {
                if (abs(sin($way - $direction)) <= self::TURN_SINE) {
                    $told[] = [$sign * (($axis === 'x' ? $x : $y) - $at), $sine];
                }
            }
        }

        return $told;
    }

    /** Whether a line of the page is cut off at an edge, to go on in another. */
    public function isCutOff(int $page): bool
    {
        return array_filter($this->edges[$page]->ends) !== [];
    }

    /** Whether a place of one page lies on a line of another, each as the page has it. */
    public function isDrawnOn(int $page, float $x, float $y): bool
    {
        return $this->edges[$page]->away($x, $y) <= self::MEETS_MM;
    }

    /** @return array{int, int} how many cut ends meet a line of the page that lies there, and of how many */
    public function met(PageLayout $layout): array
    {
        [$met, $of] = [0, 0];
        for ($row = 0; $row < $layout->rows(); $row++) {
            for ($column = 0; $column < $layout->columns; $column++) {
                $page = $layout->at($row, $column);
                if ($page === null) {
                    continue;
                }
                foreach (['left' => [0, -1], 'right' => [0, 1], 'top' => [-1, 0], 'bottom' => [1, 0]] as $edge => [$down, $across]) {
                    $other = $layout->at($row + $down, $column + $across);
                    foreach ($this->edges[$page]->ends[$edge] as [$x, $y]) {
                        $of++;
                        $met += $other !== null && $this->edges[$other]->away($x - $across * $layout->acrossMm, $y - $down * $layout->downMm) <= self::MEETS_MM ? 1 : 0;
                    }
                }
            }
        }

        return [$met, $of];
    }
}

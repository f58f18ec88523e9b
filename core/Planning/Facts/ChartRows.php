<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Planning\Asked\Make;

/** The rows of a pattern's charts over the sizes in play, for one view and fit. */
final readonly class ChartRows
{
    /**
     * @param  array<string, ?SizeChart>  $body  by row
     * @param  array<string, ?SizeChart>  $finished  by row
     * @param  array<string, SizeChart>  $bodyByCup  printed full-bust rows
     * @param  array<string, SizeChart>  $finishedByCup  likewise
     * @param  bool  $derivesCups  whether the general body row may be moved to a cup that has none
     */
    private function __construct(
        private array $body,
        private array $finished,
        public array $bodyByCup,
        public array $finishedByCup,
        public bool $hasCups,
        public bool $derivesCups,
    ) {
    }

    /** @throws RowDoesNotRise when a larger size has no larger figure */
    public static function of(Make $make, SizesInPlay $inPlay): self
    {
        $pattern = $make->pattern;
        $choices = $make->choices;
        $finished = $pattern->finishedFor($choices->view, $choices->fit, null);
        $hasBust = $pattern->hasLevel(Level::Bust);

        return new self(
            body: self::rows($pattern->bodyChart, $inPlay),
            finished: self::rows($finished, $inPlay),
            bodyByCup: $hasBust ? self::busts($pattern->cups->withBodyRows(), $pattern->cups->bodyChart(...), $inPlay) : [],
            finishedByCup: $hasBust
                ? self::busts(
                    $pattern->cupsWithFinished(),
                    static fn (string $cup): Chart => $pattern->finishedFor($choices->view, $choices->fit, $cup),
                    $inPlay,
                )
                : [],
            hasCups: $pattern->hasCups(),
            derivesCups: $pattern->hasFinishedOrPiecesByCup(),
        );
    }

    /** Null where the body chart has no such row. */
    public function body(ChartRow $row): ?SizeChart
    {
        return $this->body[$row->value] ?? null;
    }

    /** Null where no finished figure is printed for any size in play. */
    public function finished(ChartRow $row): ?SizeChart
    {
        return $this->finished[$row->value] ?? null;
    }

    /**
     * @param  list<string>  $cups
     * @param  callable(string): Chart  $chart
     * @return array<string, SizeChart> the full-bust rows that have a figure, by cup
     *
     * @throws RowDoesNotRise
     */
    private static function busts(array $cups, callable $chart, SizesInPlay $inPlay): array
    {
        $rows = [];
        foreach ($cups as $cup) {
            $row = $chart($cup)->over(ChartRow::FullBust, $inPlay->sizes);
            if ($row !== null) {
                $rows[$cup] = $row;
            }
        }

        return $rows;
    }

    /**
     * @return array<string, ?SizeChart>
     *
     * @throws RowDoesNotRise
     */
    private static function rows(Chart $chart, SizesInPlay $inPlay): array
    {
        $rows = [];
        foreach (ChartRow::cases() as $row) {
            $rows[$row->value] = $chart->over($row, $inPlay->sizes);
        }

        return $rows;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Pattern\Row;
use Underbolt\Pattern\RowDoesNotRise;
use Underbolt\Pattern\SizeChart;

/** The rows of a pattern's charts over the sizes in play, for one view and fit. */
final readonly class ChartRows
{
    /**
     * @param  array<string, ?SizeChart>  $body  by row
     * @param  array<string, SizeChart>  $bustByCup  full-bust rows of the body chart by cup
     * @param  array<string, array<string, ?SizeChart>>  $finished  by cup ('' for none) and row
     * @param  list<string>  $cups  those with a bust row of their own, in the order of the letters
     */
    private function __construct(private Pattern $pattern, private array $body, private array $bustByCup, private array $finished, public array $cups)
    {
    }

    /** @throws RowDoesNotRise when a larger size has no larger figure */
    public static function of(Make $make, SizesInPlay $inPlay): self
    {
        $pattern = $make->pattern;
        $body = [];
        foreach (Row::cases() as $row) {
            $body[$row->value] = $pattern->bodyChart->over($row, $inPlay->sizes);
        }
        $byCup = [];
        foreach ($pattern->hasLevel(Level::Bust) ? $pattern->cups->withRows() : [] as $cup) {
            $byCup[$cup] = $pattern->cups->bodyChart($cup)->over(Row::FullBust, $inPlay->sizes);
        }
        $byCup = array_filter($byCup, static fn (?SizeChart $row): bool => $row !== null);
        $finished = [];
        foreach (['', ...array_keys($byCup)] as $cup) {
            $chart = $pattern->finishedFor($make->choices->view, $make->choices->fit, $cup === '' ? null : $cup);
            foreach (Level::cases() as $level) {
                $finished[$cup][$level->row()->value] = $chart->over($level->row(), $inPlay->sizes);
            }
        }

        return new self($pattern, $body, $byCup, $finished, array_keys($byCup));
    }

    /** Null where the body chart has no such row. */
    public function body(Row $row): ?SizeChart
    {
        return $this->body[$row->value] ?? null;
    }

    /**
     * The row of a level; at the bust that of a cup where one is read.
     *
     * @return ?SizeChart null where the garment has no such level or the chart no such row
     */
    public function level(Level $level, ?string $cup): ?SizeChart
    {
        if (! $this->pattern->hasLevel($level)) {
            return null;
        }

        return $level === Level::Bust && $cup !== null ? $this->bustByCup[$cup] ?? null : $this->body($level->row());
    }

    /** @return ?SizeChart null where no finished figure is printed for any size in play */
    public function finished(Level $level, ?string $cup): ?SizeChart
    {
        return $this->finished[$level === Level::Bust ? $cup ?? '' : ''][$level->row()->value] ?? null;
    }
}

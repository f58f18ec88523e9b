<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Looks along a row for figures that can't be right: a larger size has a larger figure, by about as much as its neighbours. */
final class RowSteps
{
    /** A step more than three times the usual one, and more than 6 cm, is a slip rather than grading. */
    private const TIMES = 3;

    private const LEAST_JUMP_NM = 60_000_000;

    /**
     * @param  list<PastedCell>  $cells
     * @return list<PastedCell>
     */
    public static function doubted(array $cells): array
    {
        $steps = self::steps($cells);
        if ($steps === []) {
            return $cells;
        }
        $sorted = array_values($steps);
        sort($sorted);
        $usual = $sorted[intdiv(count($sorted), 2)];
        foreach ($steps as $index => $step) {
            if ($step <= 0) {
                $cells[$index] = $cells[$index]->doubted('not larger than the size before it');
            } elseif ($step > self::LEAST_JUMP_NM && $step > self::TIMES * $usual) {
                $cells[$index] = $cells[$index]->doubted('much larger than the size before it');
            }
        }

        return array_values($cells);
    }

    /**
     * @param  list<PastedCell>  $cells
     * @return array<int, int> nanometres from the printed figure before, by place
     */
    private static function steps(array $cells): array
    {
        $steps = [];
        $before = null;
        foreach ($cells as $index => $cell) {
            if ($cell->value === null) {
                continue;
            }
            if ($before !== null) {
                $steps[$index] = $cell->value->minus($before)->nanometres;
            }
            $before = $cell->value;
        }

        return $steps;
    }
}

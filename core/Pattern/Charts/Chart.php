<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\Length;
use Underbolt\Measure\Span;

/**
 * A body chart or a finished chart: rows of one figure or range per size, null where none is printed.
 *
 * Every row has as many figures as the pattern has sizes.
 */
final readonly class Chart
{
    /** @param  array<string, list<Length|Span|null>>  $rows by the row's name */
    public function __construct(private array $rows)
    {
    }

    /** The figure of the size at this place in the pattern's list, of a range the middle; null where none is printed. */
    public function at(ChartRow $row, int $index): ?Length
    {
        return $this->spanAt($row, $index)?->middle;
    }

    /** As it is printed: a range, or one figure as a range of its own. */
    public function spanAt(ChartRow $row, int $index): ?Span
    {
        $figure = $this->rows[$row->value][$index] ?? null;

        return $figure === null ? null : Span::of($figure);
    }

    /** This chart with the rows of another in place of its own. */
    public function with(self $other): self
    {
        return new self([...$this->rows, ...$other->rows]);
    }

    public function without(ChartRow $row): self
    {
        return new self(array_diff_key($this->rows, [$row->value => true]));
    }

    /** Whether a figure is printed in the row for any size at all. */
    public function has(ChartRow $row): bool
    {
        return array_filter($this->rows[$row->value] ?? [], static fn (Length|Span|null $value): bool => $value !== null) !== [];
    }

    /**
     * The row as it stands over the sizes in play, printed figures only; null where it is no row.
     *
     * @param  list<int>  $indices  places of the sizes in play, rising
     *
     * @throws RowDoesNotRise
     */
    public function over(ChartRow $row, array $indices): ?SizeChart
    {
        $figures = $this->rows[$row->value] ?? [];
        $values = [];
        foreach ($figures === [] ? [] : $indices as $index) {
            $value = $figures[$index] ?? null;
            if ($value !== null) {
                $values[$index] = $value;
            }
        }

        return $values === [] ? null : SizeChart::of($row, $values);
    }
}

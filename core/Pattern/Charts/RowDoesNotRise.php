<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** A chart row in which a larger size has no larger figure. */
final class RowDoesNotRise extends RuntimeException implements Refusal
{
    private function __construct(private readonly ChartRow $row, private readonly int $index)
    {
        parent::__construct('each figure must be larger than the one before it; check the row for a slip');
    }

    /** @param  int  $index place of the first size whose figure is not larger than the one before */
    public static function at(ChartRow $row, int $index): self
    {
        return new self($row, $index);
    }

    public function row(): ChartRow
    {
        return $this->row;
    }

    public function index(): int
    {
        return $this->index;
    }

    public function faults(): array
    {
        return [new Fault($this->row->value, $this->getMessage())];
    }
}

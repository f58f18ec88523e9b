<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\ChartRow;

/** A row of a pattern's charts: of the body or of the finished garment, for every cup or for one. */
final readonly class ChartPlace
{
    public function __construct(public bool $finished, public ChartRow $row, public ?string $cup = null)
    {
    }

    /** Its path in the pattern part of a make file, such as `body_chart.waist` or `cups.finished.C`. */
    public function path(): string
    {
        $chart = $this->finished ? 'finished' : 'body_chart';

        return $this->cup === null ? "{$chart}.{$this->row->value}" : "cups.{$chart}.{$this->cup}";
    }

    public function kind(): LengthKind
    {
        return $this->row->kind();
    }

    public function asFinished(): self
    {
        return new self(true, $this->row, $this->cup);
    }

    /** A finished chart has no row for the high bust or the front width. */
    public function exists(): bool
    {
        return ! $this->finished || $this->row->isFinished();
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Pattern\Cups\CupLetter;

/** A row of a pattern's charts: of the body or of the finished garment, for every cup or for one; or a length by size. */
final readonly class ChartPlace
{
    public function __construct(public bool $finished, public ChartRow|LengthRow $row, public ?string $cup = null)
    {
    }

    /** The place at a path such as `body_chart.waist` or `cups.finished.C`; null where there is none. */
    public static function at(string $path): ?self
    {
        $parts = explode('.', $path);
        $length = LengthRow::tryFrom($parts[1] ?? '');
        if ($length !== null && $length->part() === $parts[0]) {
            return new self(false, $length);
        }
        $isCup = $parts[0] === 'cups';
        $chart = $parts[$isCup ? 1 : 0] ?? '';
        $row = $isCup ? ChartRow::FullBust : ChartRow::tryFrom($parts[1] ?? '');
        $cup = $isCup ? CupLetter::written($parts[2] ?? '') : null;
        if ($row === null || ($isCup && $cup === null) || ! in_array($chart, ['body_chart', 'finished'], true)) {
            return null;
        }
        $place = new self($chart === 'finished', $row, $cup);

        return $place->exists() ? $place : null;
    }

    /** Its path in the pattern part of a make file, such as `body_chart.waist` or `cups.finished.C`. */
    public function path(): string
    {
        if ($this->row instanceof LengthRow) {
            return "{$this->row->part()}.{$this->row->value}";
        }
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

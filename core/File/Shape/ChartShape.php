<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;

/**
 * Rows by name, each one figure for every size.
 *
 * @implements Shape<array<string, Node>>
 */
final readonly class ChartShape implements Shape
{
    /** @var array<string, RowShape<Length>|RowShape<Length|Span>> by name */
    private array $rows;

    /** @param  bool  $isFinished  whether it is measured on garments: those have fewer rows than bodies */
    public function __construct(bool $isFinished = false)
    {
        $rows = array_filter(ChartRow::cases(), static fn (ChartRow $row): bool => ! $isFinished || $row->isFinished());
        $this->rows = array_combine(
            array_column($rows, 'value'),
            array_map(static fn (ChartRow $row): RowShape => new RowShape($isFinished ? new LengthShape($row->kind()) : new SpanShape($row->kind())), $rows),
        );
    }

    /** @return array<string, Node> the rows: only the pattern knows how many figures they have */
    public function read(Node $node): array
    {
        return $node->fields(array_keys($this->rows));
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return (new NamedShape($this->rows))->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return (new NamedShape($this->rows))->schema($dialect);
    }
}

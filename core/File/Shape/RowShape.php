<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;

/**
 * One figure for each size, null where none is printed.
 *
 * @template T
 *
 * @implements Shape<list<?T>>
 */
final readonly class RowShape implements Shape
{
    /** @var ListShape<T> */
    private ListShape $figures;

    /** @param  Shape<T>  $figure */
    public function __construct(private Shape $figure)
    {
        $this->figures = new ListShape($figure, Pattern::MOST_SIZES, hasGaps: true);
    }

    /** @return ?list<?T> null where it is no list */
    public function read(Node $node): ?array
    {
        $items = $node->items(Pattern::MOST_SIZES);

        return $items === null ? null : array_map(fn (Node $item): mixed => $item->isNull() ? null : $this->figure->read($item), $items);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $this->figures->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return $this->figures->schema($dialect);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;

/**
 * One figure for each size, null where none is printed.
 *
 * @implements Shape<list<?Length>>
 */
final readonly class RowShape implements Shape
{
    /** @var ListShape<Length> */
    private ListShape $figures;

    public function __construct(private LengthKind $kind)
    {
        $this->figures = new ListShape(new LengthShape($kind), Pattern::MOST_SIZES, hasGaps: true);
    }

    /** @return ?list<?Length> null where it is no list */
    public function read(Node $node): ?array
    {
        $items = $node->items(Pattern::MOST_SIZES);

        return $items === null ? null : array_map(fn (Node $item): ?Length => $item->isNull() ? null : $item->length($this->kind), $items);
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

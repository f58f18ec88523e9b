<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

/**
 * A list of values of one shape.
 *
 * @template T
 *
 * @implements Shape<list<T>>
 */
final readonly class ListShape implements Shape
{
    /**
     * @param  Shape<T>  $item
     * @param  int  $most  a longer list is refused, never cut
     * @param  bool  $hasGaps  whether null may stand for an item, as in a row where no figure is printed
     * @param  bool  $isSet  whether no two items are alike
     */
    public function __construct(
        private Shape $item,
        private int $most,
        private int $least = 0,
        private bool $hasGaps = false,
        private bool $isSet = false,
    ) {
    }

    /** @return list<T> those that could be read */
    public function read(Node $node): array
    {
        $read = array_map(
            fn (Node $item): mixed => $this->hasGaps && $item->isNull() ? null : $this->item->read($item),
            $node->items($this->most) ?? [],
        );

        return array_values(array_filter($read, static fn (mixed $one): bool => $one !== null));
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return is_array($typed) ? array_map(fn (mixed $item): mixed => $this->item->worded($item, $unit), $typed) : $typed;
    }

    public function schema(Dialect $dialect): array
    {
        $item = $this->item->schema($dialect);

        return [
            'type' => 'array',
            'items' => $this->hasGaps ? Key::orNull($item) : $item,
            ...$dialect->limits(['minItems' => $this->least, 'maxItems' => $this->most, 'uniqueItems' => $this->isSet]),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;

/**
 * One value for each level.
 *
 * @template T
 *
 * @implements Shape<array<string, T>>
 */
final readonly class ByLevel implements Shape
{
    /** @var NamedShape<T> */
    private NamedShape $named;

    /**
     * @param  Shape<T>  $each
     * @param  list<string>  $also  places that are no level
     */
    public function __construct(Shape $each, array $also = [])
    {
        $this->named = new NamedShape(array_fill_keys([...array_column(Level::cases(), 'value'), ...$also], $each));
    }

    /** @return array<string, T> by level, those that could be read */
    public function read(Node $node): array
    {
        return $this->named->read($node);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $this->named->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return $this->named->schema($dialect);
    }
}

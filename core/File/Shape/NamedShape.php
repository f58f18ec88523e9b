<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use stdClass;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

/**
 * An object whose names are known and whose values are read alike, such as the points of a body.
 *
 * @template T
 *
 * @implements Shape<array<string, T>>
 */
final readonly class NamedShape implements Shape
{
    /** @param  array<string, Shape<T>>  $shapes  by name */
    public function __construct(private array $shapes)
    {
    }

    /** @return array<string, T> those that could be read */
    public function read(Node $node): array
    {
        $read = [];
        foreach ($node->fields(array_keys($this->shapes)) as $name => $field) {
            $read[$name] = $this->shapes[$name]->read($field);
        }

        return array_filter($read, static fn (mixed $one): bool => $one !== null);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $typed instanceof stdClass ? self::eachWorded($typed, $this->shapes, $unit) : $typed;
    }

    /** @param  array<string, Shape<mixed>>  $shapes  by name */
    public static function eachWorded(stdClass $typed, array $shapes, Unit $unit): stdClass
    {
        $worded = clone $typed;
        foreach (array_intersect_key($shapes, get_object_vars($typed)) as $name => $shape) {
            $worded->{$name} = $shape->worded($typed->{$name}, $unit);
        }

        return $worded;
    }

    public function schema(Dialect $dialect): array
    {
        $each = array_map(static fn (Shape $shape): array => Key::orNull($shape->schema($dialect)), $this->shapes);

        return ['type' => 'object', 'properties' => $each, ...$dialect->limits(ObjectShape::NOTHING_ELSE)];
    }
}

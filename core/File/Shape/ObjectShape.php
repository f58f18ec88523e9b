<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use stdClass;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

/**
 * An object of keys; the reader that knows what they make together reads them one by one.
 *
 * @implements Shape<Fields>
 */
final readonly class ObjectShape implements Shape
{
    /** Beside its keys an object may hold what begins with x_, and nothing else. */
    public const NOTHING_ELSE = ['patternProperties' => ['^x_' => true], 'additionalProperties' => false];

    public function __construct(private Keys $keys)
    {
    }

    public function read(Node $node): Fields
    {
        $all = $this->keys->all();
        $fields = $node->fields(array_keys($all));
        foreach ($node->isObject() ? self::required($all) : [] as $name) {
            if (! isset($fields[$name])) {
                $node->missing($name);
            }
        }

        return new Fields($node, $fields);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $typed instanceof stdClass ? $this->wordedObject($typed, $unit) : $typed;
    }

    public function wordedObject(stdClass $typed, Unit $unit): stdClass
    {
        return NamedShape::eachWorded($typed, array_map(static fn (Key $key): Shape => $key->shape, $this->keys->all()), $unit);
    }

    public function schema(Dialect $dialect): array
    {
        $all = $this->keys->all();
        $required = self::required($all);

        return [
            'type' => 'object',
            'properties' => array_map(static fn (Key $key): array => $key->schema($dialect), $all),
            ...($required === [] ? [] : ['required' => $required]),
            ...$dialect->limits(self::NOTHING_ELSE),
        ];
    }

    /**
     * @param  array<string, Key<mixed>>  $all
     * @return list<string>
     */
    private static function required(array $all): array
    {
        return array_keys(array_filter($all, static fn (Key $key): bool => $key->isRequired));
    }
}

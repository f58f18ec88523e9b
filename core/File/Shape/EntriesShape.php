<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use stdClass;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

/**
 * An object whose names are the file's own, such as the letters of cups.
 *
 * @template T
 *
 * @implements Shape<array<string, T>>
 */
final readonly class EntriesShape implements Shape
{
    /**
     * @param  Shape<T>  $entry
     * @param  string  $names  the regular expression of a name
     */
    public function __construct(private Shape $entry, private string $names = '.')
    {
    }

    public function read(Node $node): array
    {
        // As with any key: an entry that is null is one that is left out.
        $there = array_filter($node->entries(), static fn (Node $entry): bool => ! $entry->isNull());
        $read = array_map($this->entry->read(...), $there);

        return array_filter($read, static fn (mixed $one): bool => $one !== null);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $typed instanceof stdClass
            ? (object) array_map(fn (mixed $entry): mixed => $this->entry->worded($entry, $unit), get_object_vars($typed))
            : $typed;
    }

    public function schema(Dialect $dialect): array
    {
        $entry = $this->entry->schema($dialect);

        return $dialect === Dialect::Api
            ? ['type' => 'object', 'additionalProperties' => $entry]
            : [
                'type' => 'object',
                'patternProperties' => ['^x_' => true, "^(?!x_){$this->names}" => Key::orNull($entry)],
                'maxProperties' => Node::MOST_ENTRIES,
                'additionalProperties' => false,
            ];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/** What an object of the file holds, before its keys are read. */
final readonly class Fields
{
    /** @param  array<string, Node>  $nodes  by name, without those that are null */
    public function __construct(private ?Node $object, private array $nodes)
    {
    }

    /** Of an object that is left out: every key is at its usual. */
    public static function none(): self
    {
        return new self(null, []);
    }

    /**
     * @template T
     *
     * @param  Key<T>  $key
     * @return ?T the usual where it is left out or faulty; null where there is none
     */
    public function get(Key $key): mixed
    {
        $node = $this->node($key);

        return ($node === null ? null : $key->shape->read($node)) ?? $key->usual;
    }

    /** @param  Key<mixed>  $key */
    public function has(Key $key): bool
    {
        return isset($this->nodes[$key->name]);
    }

    /** @param  Key<mixed>  $key */
    public function node(Key $key): ?Node
    {
        return $this->nodes[$key->name] ?? null;
    }

    /** Notes what is wrong with the object as a whole. */
    public function fault(string $message): null
    {
        return $this->object?->fault($message);
    }

    /**
     * Notes that something is missing which could do without elsewhere.
     *
     * @param  Key<mixed>  $key
     */
    public function missing(Key $key): null
    {
        return $this->object?->missing($key->name);
    }
}

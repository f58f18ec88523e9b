<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use LogicException;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

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
     * @return ?T null where it is left out or faulty
     */
    public function get(Key $key): mixed
    {
        $node = $this->node($key);

        return $node === null ? null : $key->shape->read($node);
    }

    /**
     * @template T
     *
     * @param  Key<T>  $key  one that has a usual
     * @param  Unit  $unit  in which a usual length is round
     * @return T the usual where it is left out or faulty
     */
    public function sure(Key $key, Unit $unit = Unit::Centimetre): mixed
    {
        return $this->get($key) ?? $key->usualIn($unit) ?? throw new LogicException("nothing is usual for {$key->name}");
    }

    /**
     * @template T
     *
     * @param  Key<list<T>>  $key
     * @return list<T> nothing where it is left out or faulty
     */
    public function all(Key $key): array
    {
        return $this->get($key) ?? [];
    }

    /**
     * @template T
     *
     * @param  Key<array<string, T>>  $key
     * @return array<string, T> nothing where it is left out or faulty
     */
    public function byName(Key $key): array
    {
        return $this->get($key) ?? [];
    }

    /** @param  Key<self>  $key */
    public function part(Key $key): self
    {
        return $this->get($key) ?? self::none();
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

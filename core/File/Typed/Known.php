<?php

declare(strict_types=1);

namespace Underbolt\File\Typed;

/** What could be read of a list whose faulty items were noted and read past. */
final class Known
{
    /**
     * @template T of object
     *
     * @param  list<?T>  $all
     * @return list<T>
     */
    public static function of(array $all): array
    {
        return array_values(array_filter($all, static fn (?object $one): bool => $one !== null));
    }
}

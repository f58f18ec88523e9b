<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

/** Keys as the properties of a class: a property that is no key would be a mistake. */
trait ListsKeys
{
    /** @return array<string, Key<mixed>> by name */
    public function all(): array
    {
        /** @var array<string, Key<mixed>> $keys */
        $keys = get_object_vars($this);

        return array_column($keys, null, 'name');
    }
}

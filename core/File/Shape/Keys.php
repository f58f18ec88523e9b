<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

/** The keys of one kind of object; each is a property of the class that lists them. */
interface Keys
{
    /** @return array<string, Key<mixed>> by name */
    public function all(): array;
}

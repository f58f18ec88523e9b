<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

/** For whom a shape is written down as a JSON Schema. */
enum Dialect
{
    /** The published schema of the make file: figures as numbers or texts, nothing but what is known. */
    case File;

    /** The API's documents: figures always as the text that was typed, faults and all. */
    case Api;

    /**
     * What a value is held to: said of a file, which is read whole or not at all.
     *
     * @param  array<string, mixed>  $limits
     * @return array<string, mixed>
     */
    public function limits(array $limits): array
    {
        return $this === self::File ? $limits : [];
    }
}

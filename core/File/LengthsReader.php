<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Level;

/** Reads one length for each level. */
final class LengthsReader
{
    /** @return array<string, Length> by level */
    public static function byLevel(?Node $node, LengthKind $kind): array
    {
        return array_filter(array_map(
            static fn (Node $field): ?Length => $field->length($kind),
            $node?->fields(array_column(Level::cases(), 'value')) ?? [],
        ));
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

/**
 * What may stand at one place of a make file: how it is read, how it says its unit, how a schema tells it.
 *
 * @template-covariant T
 */
interface Shape
{
    /** @return ?T null once a fault is noted */
    public function read(Node $node): mixed;

    /** As typed, with every length in it saying its unit. */
    public function worded(mixed $typed, Unit $unit): mixed;

    /** @return array<string, mixed> a JSON Schema (draft 2020-12) */
    public function schema(Dialect $dialect): array;
}

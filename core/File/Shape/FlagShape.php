<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/** @implements Shape<bool> */
final readonly class FlagShape implements Shape
{
    use Plain;

    public function read(Node $node): ?bool
    {
        return $node->flag();
    }

    public function schema(Dialect $dialect): array
    {
        return ['type' => 'boolean'];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/** @implements Shape<int> */
final readonly class WholeShape implements Shape
{
    use Plain;

    public function __construct(private int $least, private int $most)
    {
    }

    public function read(Node $node): ?int
    {
        return $node->whole($this->least, $this->most);
    }

    public function schema(Dialect $dialect): array
    {
        return ['type' => 'integer', ...$dialect->limits(['minimum' => $this->least, 'maximum' => $this->most])];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/** @implements Shape<float> */
final readonly class NumberShape implements Shape
{
    use Plain;

    public function __construct(private int|float $least, private int|float $most)
    {
    }

    public function read(Node $node): ?float
    {
        return $node->number($this->least, $this->most);
    }

    public function schema(Dialect $dialect): array
    {
        return ['type' => 'number', ...$dialect->limits(['minimum' => $this->least, 'maximum' => $this->most])];
    }
}

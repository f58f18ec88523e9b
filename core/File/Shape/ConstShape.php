<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/**
 * The one value that may stand there.
 *
 * @implements Shape<string|int>
 */
final readonly class ConstShape implements Shape
{
    use Plain;

    /** @param  string  $otherwise  what is said of any other value */
    public function __construct(private string|int $value, private string $otherwise)
    {
    }

    public function read(Node $node): string|int|null
    {
        return $node->is($this->value) ? $this->value : $node->fault($this->otherwise);
    }

    public function schema(Dialect $dialect): array
    {
        return ['const' => $this->value];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use BackedEnum;
use Underbolt\File\Typed\Node;

/**
 * One of the words of an enumeration.
 *
 * @template T of BackedEnum
 *
 * @implements Shape<T>
 */
final readonly class WordShape implements Shape
{
    use Plain;

    /** @param  class-string<T>  $enum */
    public function __construct(private string $enum)
    {
    }

    public function read(Node $node): ?BackedEnum
    {
        return $node->oneOf($this->enum);
    }

    public function schema(Dialect $dialect): array
    {
        return ['type' => 'string', 'enum' => array_column($this->enum::cases(), 'value')];
    }
}

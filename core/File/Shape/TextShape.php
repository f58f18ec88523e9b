<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/** @implements Shape<string> */
final readonly class TextShape implements Shape
{
    use Plain;

    /** @param  bool  $orEmpty  whether nothing at all will do */
    public function __construct(private bool $orEmpty = false)
    {
    }

    public function read(Node $node): ?string
    {
        return $this->orEmpty ? $node->textOrEmpty() : $node->text();
    }

    public function schema(Dialect $dialect): array
    {
        return [
            'type' => 'string',
            ...$dialect->limits([...($this->orEmpty ? [] : ['minLength' => 1]), 'maxLength' => Node::LONGEST_TEXT]),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** An element of a drawing, with what of it matters here. */
final class SvgElement
{
    /** @var list<self> */
    public array $children = [];

    /** Words inside, of a style sheet alone. */
    public string $text = '';

    /** @param  array<string, string>  $attributes */
    public function __construct(public readonly string $name, public readonly array $attributes)
    {
    }

    public function attribute(string $name): string
    {
        return $this->attributes[$name] ?? '';
    }
}

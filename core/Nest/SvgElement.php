<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** An element of a drawing, with what of it matters here. */
final class SvgElement
{
    /** @var list<self> */
    public array $children = [];

    /** @var ?array<string, string> stroke, dash and whether it shows, as it says itself; kept, as it may be used many times */
    public ?array $style = null;

    /** Its own transform; likewise. */
    public ?Matrix $transform = null;

    /** How many elements it comes to with all it uses; without end while that is being counted. */
    public ?float $weight = null;

    /** Words inside, of a style sheet alone. */
    public string $text = '';

    /** @param  array<string, string>  $attributes */
    public function __construct(public readonly string $name, public readonly array $attributes)
    {
    }

    /** @return list<string> what it is called */
    public function names(): array
    {
        $all = [$this->attribute('id'), $this->attribute('inkscape:label'), ...SvgStyles::classes($this)];

        return array_values(array_filter($all, static fn (string $name): bool => $name !== ''));
    }

    public function transform(): Matrix
    {
        return $this->transform ??= TransformText::read($this->attribute('transform'));
    }

    public function attribute(string $name): string
    {
        return $this->attributes[$name] ?? '';
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

/** Something to buy beside the cloth, which may depend on the size, such as the length of a zip. */
final readonly class Notion
{
    /** @param  list<string>  $bySize one for each size, empty where none is needed */
    public function __construct(public ?string $view, public string $name, public array $bySize)
    {
    }
}

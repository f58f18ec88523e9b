<?php

declare(strict_types=1);

namespace Underbolt\Work;

/** One thing to buy: a notion, or a cloth in one of the widths that it is listed in. */
final readonly class Purchase
{
    /** @param  non-empty-list<ShoppingNeed>  $ways  any one of them will do */
    private function __construct(public string $key, public array $ways)
    {
    }

    /**
     * @param  list<ShoppingNeed>  $needs
     * @return list<self>
     */
    public static function all(array $needs): array
    {
        $ways = [];
        foreach ($needs as $need) {
            $ways[$need->key()][] = $need;
        }

        return array_map(static fn (string $key, array $ways): self => new self($key, $ways), array_map(strval(...), array_keys($ways)), array_values($ways));
    }
}

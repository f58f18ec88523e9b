<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

/** One paper piece. */
final readonly class Piece
{
    /** @param  list<string>  $cups the cups it is drawn for; empty where it serves all */
    public function __construct(public string $name, public Follows $follows, public array $cups = [])
    {
    }

    public function serves(?string $cup): bool
    {
        return $this->cups === [] || in_array($cup, $this->cups, true);
    }
}

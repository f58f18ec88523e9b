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
        return $this->cups === []
            || ($cup !== null && array_filter($this->cups, static fn (string $one): bool => CupLetter::same($one, $cup)) !== []);
    }
}

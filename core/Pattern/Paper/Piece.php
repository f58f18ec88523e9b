<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Cups\CupLetter;

/** One paper piece. */
final readonly class Piece
{
    /**
     * @param  list<string>  $cups  the cups it is drawn for; empty where it serves all
     * @param  ?int  $times  how many are cut of it; null where the pattern doesn't say
     * @param  ?string  $partOf  the shape that it makes together with others, such as `front` of a side panel; null where it is whole
     */
    public function __construct(
        public string $name,
        public Follows $follows,
        public array $cups = [],
        public ?int $times = null,
        public ?string $partOf = null,
    ) {
    }

    public function serves(?string $cup): bool
    {
        return $this->cups === []
            || ($cup !== null && array_filter($this->cups, static fn (string $one): bool => CupLetter::same($one, $cup)) !== []);
    }
}

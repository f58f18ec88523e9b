<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a question is drawn with: the same number draws the same one again. */
final readonly class Draw
{
    private Randomizer $random;

    public function __construct(public int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function between(int $least, int $most): int
    {
        return $this->random->getInt($least, $most);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->between(0, count($of) - 1)];
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $these
     * @return non-empty-list<T>
     */
    public function shuffled(array $these): array
    {
        /** @var non-empty-list<T> */
        return $this->random->shuffleArray($these);
    }
}

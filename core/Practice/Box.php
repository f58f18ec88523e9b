<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** In which box an exercise lies: each is asked again after twice as many days; a wrong answer puts it back into the first. */
final readonly class Box
{
    /** Days until what lies in it is asked again. */
    public const DAYS = [1, 2, 4, 8, 16];

    /** @param  int<0, 4>  $number */
    public function __construct(public int $number)
    {
    }

    public static function numbered(int $number): self
    {
        return new self(max(0, min(count(self::DAYS) - 1, $number)));
    }

    /** @param  ?self  $from  where it lay; null where it wasn't asked yet */
    public static function after(?self $from, bool $isRight): self
    {
        return $isRight ? self::numbered($from === null ? 0 : $from->number + 1) : new self(0);
    }

    public function days(): int
    {
        return self::DAYS[$this->number];
    }
}

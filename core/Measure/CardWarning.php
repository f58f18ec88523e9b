<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** One thing on a card that is worth a second look: what, at which point, and what to do about it. */
final readonly class CardWarning
{
    public function __construct(public CardWarningCode $code, public ?Point $point, public string $text)
    {
    }

    /** What an answer to it is kept under. */
    public function key(): string
    {
        return $this->point === null ? $this->code->value : "{$this->code->value}:{$this->point->value}";
    }
}

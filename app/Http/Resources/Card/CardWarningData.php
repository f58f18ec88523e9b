<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use Underbolt\Measure\CardWarning;
use Underbolt\Practice\Exercises\Exercise;

final readonly class CardWarningData
{
    /**
     * @param  string  $key  what an answer is kept under
     * @param  bool  $answered  it is so
     * @param  ?value-of<Exercise>  $practice  what to practise against it
     */
    public function __construct(
        public string $key,
        public ?string $point,
        public string $text,
        public bool $answered,
        public ?string $practice,
    ) {
    }

    /** @param  list<string>  $answers */
    public static function of(CardWarning $finding, array $answers): self
    {
        return new self($finding->key(), $finding->point?->value, $finding->text, in_array($finding->key(), $answers, true), Exercise::against($finding)?->value);
    }
}

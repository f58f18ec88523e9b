<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Wearing\TrialQuestion;

/** A question, and what is usually found where the answer is no. */
final readonly class TrialQuestionData
{
    private function __construct(
        public string $key,
        public string $words,
        public string $place,
        public string $what,
    ) {
    }

    public static function of(TrialQuestion $question): self
    {
        [$place, $deed] = $question->usualFinding();

        return new self($question->value, $question->words(), $place->value, $deed->value);
    }
}

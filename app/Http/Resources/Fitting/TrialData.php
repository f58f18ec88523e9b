<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Wearing\Trial;
use Underbolt\Wearing\TrialQuestion;

/** A way to try a make, and what it asks. */
final readonly class TrialData
{
    /** @param  list<TrialQuestionData>  $questions */
    private function __construct(
        public string $key,
        public string $words,
        public string $how,
        public array $questions,
    ) {
    }

    public static function of(Trial $trial): self
    {
        return new self($trial->value, $trial->words(), $trial->how(), array_map(
            static fn (TrialQuestion $question): TrialQuestionData => TrialQuestionData::of($question),
            $trial->questions(),
        ));
    }
}

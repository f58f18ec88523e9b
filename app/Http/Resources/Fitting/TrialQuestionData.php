<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Wearing\TrialQuestion;

#[OA\Schema(description: 'a question, and what is usually found where the answer is no')]
final readonly class TrialQuestionData
{
    private function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $words,
        #[OA\Property] public string $place,
        #[OA\Property] public string $what,
    ) {
    }

    public static function of(TrialQuestion $question): self
    {
        [$place, $deed] = $question->usualFinding();

        return new self($question->value, $question->words(), $place->value, $deed->value);
    }
}

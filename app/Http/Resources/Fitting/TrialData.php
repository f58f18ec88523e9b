<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Wearing\Trial;
use Underbolt\Wearing\TrialQuestion;

#[OA\Schema(description: 'a way to try a make, and what it asks')]
final readonly class TrialData
{
    /** @param  list<TrialQuestionData>  $questions */
    private function __construct(
        #[OA\Property] public string $key,
        #[OA\Property] public string $words,
        #[OA\Property] public string $how,
        #[OA\Property(items: new OA\Items(ref: TrialQuestionData::class))] public array $questions,
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

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use App\Http\RefusalResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Practice\Exercises\Question;
use Underbolt\Refusal;

#[OA\Schema(required: ['seed'], properties: [
    new OA\Property(property: 'seed', description: 'that the question was drawn with', type: 'integer'),
    new OA\Property(property: 'choice', description: 'its place', type: 'integer', nullable: true),
    new OA\Property(property: 'text', description: 'the figure, as typed in the account\'s unit', type: 'string', nullable: true),
])]
final class AnswerQuestionRequest extends QuestionRequest
{
    public function rules(): array
    {
        return [...parent::rules(), 'choice' => ['nullable', 'integer', 'between:0,9'], 'text' => ['nullable', 'string', 'max:60']];
    }

    /** @throws ValidationException where nothing was chosen, or the figure is none */
    public function answered(Question $question): int|Length
    {
        if ($question->choices !== []) {
            return $this->filled('choice') ? $this->integer('choice') : throw ValidationException::withMessages(['choice' => 'Choose one of them.']);
        }
        try {
            return Length::parse($this->string('text')->toString(), SignedIn::user($this)->unit);
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages(['text' => RefusalResponse::sentence($refusal->getMessage())]);
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use App\Practice\Figures;
use Illuminate\Foundation\Http\FormRequest;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\Exercises\Question;

class QuestionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seed' => ['required', 'integer', 'between:0,2147483647']];
    }

    /** Drawn again from its number, in the unit of whoever asks. */
    public function question(Exercise $exercise): Question
    {
        return $exercise->question($this->integer('seed'), Figures::these($exercise->figures()), SignedIn::user($this)->unit);
    }
}

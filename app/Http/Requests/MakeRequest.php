<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Card;
use App\Models\Pattern;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['card_id', 'pattern_id'], properties: [
    new OA\Property(property: 'card_id', type: 'integer'),
    new OA\Property(property: 'pattern_id', type: 'integer'),
])]
final class MakeRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'card_id' => ['required', 'integer', Rule::exists(Card::class, 'id')->where('user_id', Auth::id())->whereNull('bin_entry_id')],
            'pattern_id' => ['required', 'integer', Rule::exists(Pattern::class, 'id')->where('user_id', Auth::id())->whereNull('bin_entry_id')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'card_id.*' => 'Choose a wearer with a measure card.',
            'pattern_id.*' => 'Choose a pattern.',
        ];
    }

    /** @return array{card_id: int, pattern_id: int} */
    public function ids(): array
    {
        return ['card_id' => $this->integer('card_id'), 'pattern_id' => $this->integer('pattern_id')];
    }
}

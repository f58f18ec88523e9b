<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Card;
use App\Models\Pattern;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(properties: [
    new OA\Property(property: 'card_id', description: 'of another wearer; left out for the same', type: 'integer', nullable: true),
    new OA\Property(property: 'pattern_id', description: 'another one; left out for the same', type: 'integer', nullable: true),
])]
final class MakeCopyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'card_id' => ['nullable', 'integer', Rule::exists(Card::class, 'id')->where('user_id', Auth::id())->whereNull('bin_entry_id')],
            'pattern_id' => ['nullable', 'integer', Rule::exists(Pattern::class, 'id')->where('user_id', Auth::id())->whereNull('bin_entry_id')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['card_id.*' => 'Choose a wearer with a measure card.', 'pattern_id.*' => 'Choose a pattern.'];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Card;
use App\Models\Make;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['card_id', 'version'],
    properties: [
        new OA\Property(property: 'card_id', description: 'another card of the same wearer', type: 'integer'),
        new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
    ],
)]
final class MakeCardRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $make = $this->route('make');
        $wearer = $make instanceof Make ? $make->card->wearer_id : 0;

        return [
            'card_id' => ['required', 'integer', Rule::exists(Card::class, 'id')->where('wearer_id', $wearer)->whereNull('bin_entry_id')],
            'version' => ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['card_id.*' => 'Choose a card of the same wearer.'];
    }
}

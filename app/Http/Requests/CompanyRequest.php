<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Plan\ChoicesDocument;
use App\Models\SizeWords;
use App\Records\AccountLimits;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['wearers', 'choices', 'exceptions', 'version'], properties: [
    new OA\Property(property: 'version', description: 'of the company sheet, as it was seen', type: 'integer'),
    new OA\Property(property: 'wearers', description: 'the ids of who is on it; null for all', type: 'array', items: new OA\Items(type: 'integer'), nullable: true),
    new OA\Property(property: 'choices', ref: ChoicesDocument::class, description: 'for all'),
    new OA\Property(property: 'exceptions', description: 'what is chosen otherwise, by a wearer\'s id', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: ChoicesDocument::class)),
])]
final class CompanyRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'wearers' => ['present', 'nullable', 'array', 'max:'.AccountLimits::WEARERS_OF_A_COMPANY],
            'wearers.*' => ['integer'],
            'choices' => ['present', 'array', new TypedDocument],
            'exceptions' => ['present', 'array', 'max:'.AccountLimits::WEARERS_OF_A_COMPANY],
            'exceptions.*' => ['array', new TypedDocument],
        ];
    }

    /** As the pattern keeps it. */
    public function company(Unit $unit, SizeWords $words): stdClass
    {
        $wearers = $this->input('wearers');
        $kept = [
            'unit' => $unit->value,
            'choices' => TypedDocument::in($this->getContent(), 'choices'),
            'exceptions' => (object) array_map(
                static fn (mixed $own): mixed => $own instanceof stdClass ? $words->kept($own) : $own,
                get_object_vars(TypedDocument::in($this->getContent(), 'exceptions')),
            ),
        ];

        return (object) ($kept + (is_array($wearers) ? ['wearers' => array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, array_values($wearers))] : []));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Plan\ChoicesDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['choices', 'version'], properties: [
    new OA\Property(property: 'choices', ref: ChoicesDocument::class),
    new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
])]
final class ChoicesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['choices' => ['present', 'array', new TypedDocument], 'version' => ['required', 'integer']];
    }

    public function choices(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'choices');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Fitting\ClothDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['cloth', 'version'], properties: [
    new OA\Property(property: 'cloth', ref: ClothDocument::class),
    new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
])]
final class ClothRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['cloth' => ['present', 'array', new TypedDocument], 'version' => ['required', 'integer']];
    }

    public function document(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'cloth');
    }
}

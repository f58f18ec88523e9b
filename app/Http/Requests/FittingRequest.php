<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Fitting\FittingDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['fitting', 'version'], properties: [
    new OA\Property(property: 'fitting', ref: FittingDocument::class),
    new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
])]
final class FittingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fitting' => ['present', 'array', new TypedDocument], 'version' => ['required', 'integer']];
    }

    public function document(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'fitting');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Fitting\VerdictDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['verdict', 'version'], properties: [
    new OA\Property(property: 'verdict', ref: VerdictDocument::class),
    new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
])]
final class VerdictRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['verdict' => ['present', 'array', new TypedDocument], 'version' => ['required', 'integer']];
    }

    public function document(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'verdict');
    }
}

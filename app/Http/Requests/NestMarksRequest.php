<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Nest\NestMarksDocument;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(required: ['marks', 'version'], properties: [
    new OA\Property(property: 'marks', ref: NestMarksDocument::class),
    new OA\Property(property: 'scale', description: 'what the drawing is to be made larger by', type: 'number', nullable: true),
    new OA\Property(property: 'version', description: 'as it was seen', type: 'integer'),
])]
final class NestMarksRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'marks' => ['present', 'array', new TypedDocument],
            'scale' => ['nullable', 'numeric', 'min:0.001', 'max:1000'],
            'version' => ['required', 'integer'],
        ];
    }

    public function marks(): stdClass
    {
        return TypedDocument::in($this->getContent(), 'marks');
    }
}

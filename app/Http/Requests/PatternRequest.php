<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Pattern\PatternDocument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['name', 'house', 'unit', 'document'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'house', type: 'string'),
    new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'document', ref: PatternDocument::class),
    new OA\Property(property: 'version', description: 'as it was seen; of a new one there is none', type: 'integer', nullable: true),
])]
class PatternRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Node::LONGEST_TEXT],
            'house' => ['present', 'nullable', 'string', 'max:'.Node::LONGEST_TEXT],
            'unit' => ['required', Rule::enum(Unit::class)],
            'document' => ['required', 'array', new TypedDocument],
            'version' => [$this->isMethod('PUT') ? 'required' : 'nullable', 'integer'],
        ];
    }

    /** @return array<string, mixed> */
    public function pattern(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'house' => $this->string('house')->toString(),
            'unit' => $this->string('unit')->toString(),
            'document' => TypedDocument::in($this->getContent(), 'document'),
        ];
    }
}

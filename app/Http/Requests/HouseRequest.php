<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Resources\Pattern\HabitsDocument;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['name', 'unit', 'habits'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'habits', ref: HabitsDocument::class),
    new OA\Property(property: 'version', description: 'as it was seen; of a new one there is none', type: 'integer', nullable: true),
])]
final class HouseRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Node::LONGEST_TEXT],
            'unit' => ['required', Rule::enum(Unit::class)],
            'habits' => ['present', 'array', new TypedDocument],
            'version' => ['nullable', 'integer'],
        ];
    }

    /** @return array<string, mixed> */
    public function house(): array
    {
        return ['unit' => $this->string('unit')->toString(), 'habits' => TypedDocument::in($this->getContent(), 'habits')];
    }
}

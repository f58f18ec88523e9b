<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['text', 'unit'], properties: [
    new OA\Property(property: 'text', description: 'as the tape says it, such as 84.5', type: 'string'),
    new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in']),
])]
final class TapeReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:40'], 'unit' => ['required', Rule::enum(Unit::class)]];
    }

    /** @return array{text: string, unit: string} */
    public function reading(): array
    {
        return ['text' => $this->string('text')->toString(), 'unit' => $this->string('unit')->toString()];
    }
}

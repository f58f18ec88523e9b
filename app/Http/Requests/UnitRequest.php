<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;

#[OA\Schema(required: ['unit'], properties: [new OA\Property(property: 'unit', type: 'string', enum: ['cm', 'in'])])]
final class UnitRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['unit' => ['required', Rule::enum(Unit::class)]];
    }

    public function unit(): Unit
    {
        return Unit::from($this->string('unit')->toString());
    }
}

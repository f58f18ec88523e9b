<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\RefusalResponse;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

#[OA\Schema(required: ['version', 'text', 'unit'], properties: [
    new OA\Property(property: 'version', description: 'of the card, as it was seen', type: 'integer'),
    new OA\Property(property: 'text', description: 'as typed, such as 37 3/4', type: 'string'),
    new OA\Property(property: 'unit', description: 'meant where the text names none', type: 'string', enum: ['cm', 'in']),
])]
final class ReadingRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'text' => ['required', 'string'], 'unit' => ['required', Rule::enum(Unit::class)]];
    }

    public function unit(): Unit
    {
        return Unit::from($this->string('unit')->toString());
    }

    /** @throws ValidationException with core's reason when the text is no possible figure for the point */
    public function length(Point $point): Length
    {
        try {
            return $point->read($this->string('text')->toString(), $this->unit());
        } catch (Refusal $refusal) {
            throw ValidationException::withMessages(['text' => RefusalResponse::sentence($refusal->getMessage())]);
        }
    }
}

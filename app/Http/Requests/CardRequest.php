<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Underbolt\File\CardLine;
use Underbolt\Measure\PointSet;

#[OA\Schema(required: ['version', 'taken_on', 'foundation', 'point_set'], properties: [
    new OA\Property(property: 'version', description: 'as it was seen', type: 'integer'),
    new OA\Property(property: 'point_set', type: 'string', enum: ['three', 'dress', 'skirt', 'trousers', 'everything']),
    new OA\Property(property: 'taken_on', type: 'string', format: 'date'),
    new OA\Property(property: 'foundation', description: 'what was worn underneath', type: 'string'),
    new OA\Property(property: 'measured_by', description: 'who held the tape; as it was where it is left out', type: 'string', nullable: true),
    new OA\Property(property: 'round_a_board', description: 'whether the hip was measured round a board held against the tummy; as it was where it is left out', type: 'boolean'),
])]
final class CardRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            // Tomorrow by the clock here may be today where it is typed, or was when it was: clocks are set back.
            'taken_on' => ['bail', 'required', 'string', 'max:10', 'date_format:Y-m-d', 'before_or_equal:tomorrow', 'after:1900-01-01'],
            'version' => ['required', 'integer'],
            'point_set' => ['required', Rule::enum(PointSet::class)],
            'foundation' => ['present', 'nullable', 'string', 'max:'.CardLine::LONGEST_FOUNDATION],
            'round_a_board' => ['sometimes', 'boolean'],
            'measured_by' => ['sometimes', 'nullable', 'string', 'max:'.CardLine::LONGEST_FOUNDATION],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['taken_on.before_or_equal' => 'No card is taken in the future: give the day it was measured.'];
    }

    /** @return array{taken_on: string, foundation: string, point_set: string, measured_by?: string, round_a_board?: bool} */
    public function card(): array
    {
        return [
            'taken_on' => $this->string('taken_on')->toString(),
            'foundation' => $this->string('foundation')->toString(),
            'point_set' => $this->string('point_set')->toString(),
            ...($this->has('measured_by') ? ['measured_by' => $this->string('measured_by')->toString()] : []),
            ...($this->has('round_a_board') ? ['round_a_board' => $this->boolean('round_a_board')] : []),
        ];
    }
}

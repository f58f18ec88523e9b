<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Override;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/** A pattern with its chart, a wearer with the first figures: all that a first make needs, in one. */
#[OA\Schema(required: ['wearer', 'measured_in', 'readings'], properties: [
    new OA\Property(property: 'wearer', description: 'whose the figures are', type: 'string'),
    new OA\Property(property: 'measured_in', description: 'meant where a reading names no unit', type: 'string', enum: ['cm', 'in']),
    new OA\Property(property: 'readings', description: 'as typed, by point', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
])]
final class BeginRequest extends PatternRequest
{
    /** @return array<string, list<mixed>> */
    #[Override]
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'wearer' => ['required', 'string', 'max:'.Node::LONGEST_TEXT],
            'measured_in' => ['required', Rule::enum(Unit::class)],
            'readings' => ['required', 'array', 'max:'.count(Point::cases())],
            'readings.*' => ['required', 'string', static function (string $attribute, mixed $text, Closure $fail): void {
                if (Point::tryFrom(substr($attribute, strlen('readings.'))) === null) {
                    $fail('There is no such point.');
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wearer.required' => 'Whom are they of?', 'readings.required' => 'Bust, waist and hip are enough to begin.'];
    }

    /**
     * @return list<array<string, mixed>> the readings as a card keeps them
     *
     * @throws Refusal naming each text that is no possible figure for its point
     */
    public function readings(): array
    {
        $unit = Unit::from($this->string('measured_in')->toString());
        $typed = $this->array('readings');
        $kept = [];
        $measures = TypedMeasures::read($typed, $unit, 'readings');
        foreach ($measures as $code => $length) {
            $kept[] = ['point' => $code, 'attempt' => 1, 'text' => $typed[$code], 'unit' => $unit, 'nanometres' => $length->nanometres];
        }

        return $kept;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Underbolt\Measure\CardWarningCode;
use Underbolt\Measure\Point;

#[OA\Schema(required: ['version', 'key', 'so'], properties: [
    new OA\Property(property: 'version', description: 'of the card, as it was seen', type: 'integer'),
    new OA\Property(property: 'key', description: 'of the finding', type: 'string'),
    new OA\Property(property: 'so', description: 'it is so: false takes the answer back', type: 'boolean'),
])]
final class AnswerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'key' => ['required', 'string', 'max:80'], 'so' => ['required', 'boolean']];
    }

    /** The point whose readings are said to have been taken at one place: then none is picked any longer. */
    public function onePlace(): ?Point
    {
        [$code, $point] = [...explode(':', $this->string('key')->toString(), 2), ''];

        return $code === CardWarningCode::TwoPlaces->value && $this->boolean('so') ? Point::tryFrom($point) : null;
    }

    /**
     * @param  list<string>  $answers
     * @return list<string>
     */
    public function answered(array $answers): array
    {
        $key = $this->string('key')->toString();
        $others = array_values(array_diff($answers, [$key]));

        return $this->boolean('so') ? [...$others, $key] : $others;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Refusal;

#[OA\Schema(required: ['measures'], properties: [
    new OA\Property(property: 'measures', description: 'as typed, in the user\'s unit, by point; the others are the card\'s', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
])]
final class WhatIfRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['measures' => ['present', 'array', 'max:40'], 'measures.*' => ['string', 'max:40']];
    }

    /**
     * @return array<string, Length> by point
     *
     * @throws Refusal naming each that is no figure
     */
    public function measures(): array
    {
        return TypedMeasures::read($this->array('measures'), SignedIn::user($this)->unit, 'measures');
    }
}

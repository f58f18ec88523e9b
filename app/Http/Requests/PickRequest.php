<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['version', 'attempt'], properties: [
    new OA\Property(property: 'version', description: 'of the card, as it was seen', type: 'integer'),
    new OA\Property(property: 'attempt', description: 'the reading that counts; null leaves it to the rule', type: 'integer', nullable: true),
])]
final class PickRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'attempt' => ['present', 'nullable', 'integer', 'between:1,9']];
    }

    public function attempt(): ?int
    {
        return $this->input('attempt') === null ? null : $this->integer('attempt');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['text', 'write'], properties: [
    new OA\Property(property: 'text', description: 'CSV, or JSON as exported', type: 'string'),
    new OA\Property(property: 'write', description: 'false for the preview', type: 'boolean'),
])]
final class ImportRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:200000'], 'write' => ['required', 'boolean']];
    }
}

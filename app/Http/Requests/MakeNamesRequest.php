<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'note', 'version'], properties: [
    new OA\Property(property: 'name', description: 'may be empty', type: 'string', maxLength: 120),
    new OA\Property(property: 'note', description: 'one sentence; may be empty', type: 'string', maxLength: 120),
    new OA\Property(property: 'version', description: 'of the make, as it was seen', type: 'integer'),
])]
final class MakeNamesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['present', 'nullable', 'string', 'max:120'], 'note' => ['present', 'nullable', 'string', 'max:120'], 'version' => ['required', 'integer']];
    }

    /** @return array{name: string, note: string} */
    public function names(): array
    {
        return ['name' => $this->string('name')->toString(), 'note' => $this->string('note')->toString()];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(
    required: ['version'],
    properties: [new OA\Property(property: 'version', description: 'of the record, as it was seen', type: 'integer')],
)]
final class SeenRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer']];
    }
}

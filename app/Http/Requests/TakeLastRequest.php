<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['version', 'keys'], properties: [
    new OA\Property(property: 'version', description: 'of the record, as it was seen', type: 'integer'),
    new OA\Property(property: 'keys', description: 'of the changes that are taken', type: 'array', items: new OA\Items(type: 'string')),
])]
final class TakeLastRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer'], 'keys' => ['present', 'array', 'max:200'], 'keys.*' => ['string', 'max:60']];
    }

    /** @return list<string> */
    public function changes(): array
    {
        return array_values(array_filter($this->array('keys'), is_string(...)));
    }
}

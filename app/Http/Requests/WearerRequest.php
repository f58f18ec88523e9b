<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;

#[OA\Schema(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string')])]
final class WearerRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:'.Node::LONGEST_TEXT]];
    }

    public function name(): string
    {
        return $this->string('name')->toString();
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;

#[OA\Schema(required: ['text', 'wearer'], properties: [
    new OA\Property(property: 'text', description: 'a make file', type: 'string'),
    new OA\Property(property: 'wearer', description: 'what to call the wearer of the file', type: 'string'),
])]
final class ImportMakeRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:240000'], 'wearer' => ['required', 'string', 'max:'.Node::LONGEST_TEXT]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['wearer.required' => 'Say whose measures these are; any name will do.', 'text.required' => 'Choose a make file.'];
    }

    /** As it was sent: the framework trims texts, and a file comes back byte for byte. */
    public function makeFile(): string
    {
        $sent = json_decode($this->getContent(), true);

        return is_array($sent) && is_string($sent['text'] ?? null) ? $sent['text'] : '';
    }
}

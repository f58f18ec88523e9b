<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;
use Underbolt\File\Typed\Node;

#[OA\Schema(required: ['name', 'email', 'password'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'stay', description: 'signed in, after the browser is closed', type: 'boolean'),
])]
final class RegisterRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:'.Node::LONGEST_TEXT],
            'email' => ['required', 'string', 'email', 'max:200', new NewAddress],
            'password' => PasswordRules::all([$this->text('email'), $this->text('name')]),
            'stay' => ['boolean'],
        ];
    }

    /** Addresses are the same whatever their letters' case. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('email'))) {
            $this->merge(['email' => mb_strtolower($this->string('email')->toString())]);
        }
    }

    /** Nothing is validated yet: anything may stand there. */
    private function text(string $key): string
    {
        $typed = $this->input($key);

        return is_string($typed) ? $typed : '';
    }

    /** @return array{name: string, email: string, password: string} */
    public function account(): array
    {
        return [
            'name' => $this->string('name')->toString(),
            'email' => $this->string('email')->toString(),
            'password' => $this->string('password')->toString(),
        ];
    }
}

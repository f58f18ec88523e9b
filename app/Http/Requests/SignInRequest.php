<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['email', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'password', type: 'string'),
    new OA\Property(property: 'stay', description: 'signed in, after the browser is closed', type: 'boolean'),
])]
final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200'], 'stay' => ['boolean']];
    }

    /** @return array{email: string, password: string} */
    public function credentials(): array
    {
        return ['email' => $this->string('email')->toString(), 'password' => $this->string('password')->toString()];
    }
}

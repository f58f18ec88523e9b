<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['email', 'code', 'password'], properties: [
    new OA\Property(property: 'email', type: 'string'),
    new OA\Property(property: 'code', description: 'one of the ten; good once', type: 'string'),
    new OA\Property(property: 'password', description: 'the new one', type: 'string'),
])]
final class RecoverRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $email = $this->input('email');

        return [
            'email' => ['required', 'string', 'max:200'],
            'code' => ['required', 'string', 'max:60'],
            'password' => PasswordRules::all(is_string($email) ? [$email] : []),
        ];
    }
}

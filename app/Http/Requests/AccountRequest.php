<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Controllers\SignedIn;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

/** What touches the account itself asks for its password again. */
#[OA\Schema(required: ['current'], properties: [
    new OA\Property(property: 'current', description: 'the password that is in use', type: 'string'),
    new OA\Property(property: 'password', description: 'a new one; only where it is changed', type: 'string', nullable: true),
])]
final class AccountRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = SignedIn::user($this);

        return [
            'current' => ['bail', 'required', 'string', 'max:200', 'current_password:web'],
            'password' => $this->isMethod('PUT') ? PasswordRules::all([$user->email, $user->name]) : ['prohibited'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.current_password' => 'That is not the password in use.'];
    }
}

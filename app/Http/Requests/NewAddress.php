<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** An address that no account has, whatever the case of its letters. */
final readonly class NewAddress implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && User::query()->whereRaw('lower(email) = ?', [mb_strtolower($value)])->exists()) {
            $fail('This e-mail address has an account already.');
        }
    }
}

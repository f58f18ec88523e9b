<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** What very many people use is the first thing that is tried; the list is written by `bin/common-passwords`. */
final readonly class NotCommon implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && in_array(hash('sha256', mb_strtolower($value)), self::fingerprints(), true)) {
            $fail('So many people use this one that it is tried first: take a few words of your own.');
        }
    }

    /** @return list<string> */
    private static function fingerprints(): array
    {
        return explode("\n", trim((string) file_get_contents(resource_path('passwords/common.sha256'))));
    }
}

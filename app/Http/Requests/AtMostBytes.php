<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Of a longer password only so many bytes would count: it is refused, not cut in silence. */
final readonly class AtMostBytes implements ValidationRule
{
    public function __construct(private int $most)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && strlen($value) > $this->most) {
            $fail("This is longer than {$this->most} bytes; letters outside English take two or more.");
        }
    }
}

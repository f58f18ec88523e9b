<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use stdClass;
use Underbolt\File\Typed\TypedLimits;

/** Guards a document kept as typed: an object of modest depth whose texts are no longer than a cell. */
final class TypedDocument implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_array($value) || ! TypedLimits::hold($value)) {
            $fail('This '.TypedLimits::TOO_MUCH.'.');
        }
    }

    /** The part of a request body as JSON objects and lists, which the framework's arrays don't tell apart. */
    public static function in(string $body, string $key): stdClass
    {
        $decoded = json_decode($body, false, 32);
        $document = $decoded instanceof stdClass ? $decoded->{$key} ?? null : null;

        return $document instanceof stdClass ? $document : new stdClass;
    }
}

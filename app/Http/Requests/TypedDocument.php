<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use stdClass;

/** Guards a document kept as typed: an object of modest depth whose texts are no longer than a cell. */
final class TypedDocument implements ValidationRule
{
    private const LONGEST_TEXT = 120;

    private const DEEPEST = 6;

    private const WIDEST = 80;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_array($value) || ! self::fits($value, self::DEEPEST)) {
            $fail('This is more than a pattern sheet holds: at most 60 sizes, and 120 letters in a cell.');
        }
    }

    /** The part of a request body as JSON objects and lists, which the framework's arrays don't tell apart. */
    public static function in(string $body, string $key): stdClass
    {
        $decoded = json_decode($body, false, 32);
        $document = $decoded instanceof stdClass ? $decoded->{$key} ?? null : null;

        return $document instanceof stdClass ? $document : new stdClass;
    }

    private static function fits(mixed $value, int $depth): bool
    {
        if (is_string($value)) {
            return mb_strlen($value) <= self::LONGEST_TEXT;
        }
        if (! is_array($value)) {
            return true;
        }
        if ($depth === 0 || count($value) > self::WIDEST) {
            return false;
        }
        foreach ($value as $part) {
            if (! self::fits($part, $depth - 1)) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * A password that repeats itself, counts up or is one's own name has fewer letters than it seems: only those count that
 * whoever knows the ones before could not tell.
 */
final readonly class NotGuessed implements ValidationRule
{
    /** So many that can't be told; the rest may be what it likes. */
    private const LEAST = 8;

    /** A shorter part of an address or a name tells nothing. */
    private const SHORTEST_NAME = 3;

    private const ROWS = ['qwertyuiop', 'asdfghjkl', 'zxcvbnm', 'qwertzuiop', 'yxcvbnm', 'azertyuiop', 'qsdfghjklm', 'wxcvbn', '1234567890'];

    /** @param  list<string>  $own  the address and the name of the account */
    public function __construct(private array $own)
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value)) {
            return;
        }
        $password = mb_strtolower($value);
        $told = self::untold(self::once($password));
        if ($told < self::LEAST) {
            $fail("It repeats itself or counts up: only {$told} of its letters make it harder to guess. Take a few words of your own.");
        } elseif (self::untold(self::once($this->withoutOwn($password))) < self::LEAST) {
            $fail('It is little more than your own address or name, which others know. Take a few words of your own.');
        }
    }

    /** What is a block over and over, once: `abc` of `abcabcabc`. */
    private static function once(string $password): string
    {
        return (string) preg_replace('/(.+?)\1+/u', '$1', $password);
    }

    /** How many of its letters do not follow from the one before. */
    private static function untold(string $password): int
    {
        $letters = mb_str_split($password);
        $told = 0;
        foreach ($letters as $place => $letter) {
            $told += $place > 0 && self::follows($letters[$place - 1], $letter) ? 1 : 0;
        }

        return count($letters) - $told;
    }

    /** The same again, the next in the alphabet either way, or the neighbour on a keyboard. */
    private static function follows(string $before, string $letter): bool
    {
        if (abs(mb_ord($letter) - mb_ord($before)) <= 1) {
            return true;
        }
        foreach (self::ROWS as $row) {
            [$one, $other] = [strpos($row, $before), strpos($row, $letter)];
            if ($one !== false && $other !== false && abs($one - $other) === 1) {
                return true;
            }
        }

        return false;
    }

    private function withoutOwn(string $password): string
    {
        $parts = preg_split('/[^\p{L}\d]+/u', mb_strtolower(implode(' ', $this->own)), -1, PREG_SPLIT_NO_EMPTY);
        $long = array_filter($parts === false ? [] : $parts, static fn (string $part): bool => mb_strlen($part) >= self::SHORTEST_NAME);

        return str_replace($long, '', $password);
    }
}

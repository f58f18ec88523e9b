<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** What a password must be; the door and the account's own page say the same. */
final class PasswordRules
{
    public const LEAST_LETTERS = 12;

    /** Of more only so many would count. */
    private const MOST_BYTES = 72;

    /**
     * @param  list<string>  $own  the address and the name of the account
     * @return list<mixed>
     */
    public static function all(array $own): array
    {
        return ['required', 'string', 'min:'.self::LEAST_LETTERS, new AtMostBytes(self::MOST_BYTES), new NotCommon, new NotGuessed($own)];
    }
}

<?php

declare(strict_types=1);

namespace App\Records;

/** How much one account holds, typed or brought back: far more than any workroom, and no more than a small server bears. */
final class AccountLimits
{
    public const CARDS_OF_A_WEARER = 500;

    public const READINGS_OF_A_CARD = 250;

    private const MOST = ['account' => 1, 'hand' => 200, 'house' => 500, 'wearer' => 2_000, 'pattern' => 2_000, 'make' => 10_000];

    /** @return ?int of records of a kind; null of one that is not known */
    public static function most(string $kind): ?int
    {
        return self::MOST[$kind] ?? null;
    }
}

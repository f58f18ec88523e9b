<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

/** The letters of cups in their order, one for every inch of difference (common practice, no published source). */
final class CupLetter
{
    public const ORDER = ['AA', 'A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J', 'K'];

    /** What unknown letters and unnamed drafts count as. */
    public const USUAL = 'B';

    private const SAME = ['DD' => 'E', 'DDD' => 'F'];

    /** The letter's place, which is also its difference in whole inches; null for a letter not known. */
    public static function place(string $letter): ?int
    {
        $letter = strtoupper(trim($letter));
        $place = array_search(self::SAME[$letter] ?? $letter, self::ORDER, true);

        return $place === false ? null : $place;
    }

    /** @return list<string> every letter that names a cup */
    public static function all(): array
    {
        return [...self::ORDER, ...array_keys(self::SAME)];
    }

    /** What is said of a letter that names no cup. */
    public static function unknown(string $letter): string
    {
        return "\"{$letter}\" is no cup; the letters run from AA, A, B to K";
    }

    /** A letter as it is written down, DD as DD; null for one that names no cup. */
    public static function written(string $letter): ?string
    {
        return self::place($letter) === null ? null : strtoupper(trim($letter));
    }

    /** Whether two letters name one cup: DD and E do. */
    public static function same(string $one, string $other): bool
    {
        return $one === $other || (self::place($one) !== null && self::place($one) === self::place($other));
    }

    /** The letter that a range is drafted for; an unknown one counts as B. */
    public static function drafted(?string $letter): string
    {
        return self::ORDER[self::draftedInches($letter)];
    }

    /** The whole inches a pattern drafted for this cup counts on; an unknown cup counts as B. */
    public static function draftedInches(?string $letter): int
    {
        return ($letter === null ? null : self::place($letter)) ?? (int) self::place(self::USUAL);
    }
}

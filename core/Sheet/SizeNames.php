<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

/** What the line of sizes is called, and what sizes look like. */
final class SizeNames
{
    private const HEADINGS = [
        'size', 'sizes', 'pattern size', 'sz', 'eu', 'uk', 'us', 'de', 'fr', 'nl', 'size eu', 'size us', 'size uk',
        'eu size', 'us size', 'uk size',
        'grosse', 'grossen', 'gr', 'konfektionsgrosse', 'maat', 'maten', 'kledingmaat', 'pointure', 'tailles',
    ];

    private const LETTERS = '\d{0,2}X{0,4}[SL]|M|\d{1,2}X|one size|(?:X{1,3}-?)?(?:small|large)|medium';

    private const FIGURES = '\d{1,3}(?:\/\d{1,3})?(?:-\d{1,3})?\s?[a-z]{0,2}';

    /** The word "taille" is a size in French and a waist in German: see `SheetReader`. */
    public static function isHeading(string $label): bool
    {
        return in_array(Words::plain($label), self::HEADINGS, true);
    }

    /** @param  list<string>  $cells  empty ones don't count */
    public static function areSizes(array $cells): bool
    {
        $named = array_values(array_filter($cells, static fn (string $cell): bool => $cell !== ''));

        return count($named) > 1 && self::couldBeSizes($named) && (self::haveLetters($named) || self::countUp($named));
    }

    /** @param  list<string>  $names */
    public static function couldBeSizes(array $names): bool
    {
        foreach ($names as $name) {
            if (preg_match('/^(?:'.self::LETTERS.'|'.self::FIGURES.')$/iu', $name) !== 1) {
                return false;
            }
        }

        return true;
    }

    /**
     * Whether sizes that are plain numbers are out of order.
     *
     * @param  list<string>  $names
     */
    public static function fall(array $names): bool
    {
        $before = null;
        foreach ($names as $name) {
            if (! ctype_digit($name)) {
                return false;
            }
            if ($before !== null && (int) $name <= $before) {
                return true;
            }
            $before = (int) $name;
        }

        return false;
    }

    /** @param  list<string>  $names */
    private static function haveLetters(array $names): bool
    {
        return array_filter($names, static fn (string $name): bool => preg_match('/[a-z]/i', $name) === 1) !== [];
    }

    /**
     * Sizes go up by one or two at a time, as a rule; girths by more.
     *
     * @param  list<string>  $names
     */
    private static function countUp(array $names): bool
    {
        foreach (array_slice($names, 1) as $before => $name) {
            $step = (int) $name - (int) $names[$before];
            if ($step < 1 || $step > 2) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/** What the line of sizes is called, and what sizes look like. */
final class SizeWords
{
    private const HEADINGS = [
        'size', 'sizes', 'pattern size', 'sz', 'eu', 'uk', 'us', 'de', 'fr', 'nl', 'it', 'int', 'size eu', 'size us', 'size uk',
        'eu size', 'us size', 'uk size', 'size in', 'size inches', 'size cm', 'size centimetres', 'alpha', 'numeric', 'alpha size',
        'misses', 'misses size', 'miss', 'women', 'womens', 'womens size', 'plus', 'plus size', 'petite', 'child', 'children', 'girls', 'boys',
        'men', 'mens', 'grosse', 'grossen', 'gr', 'konfektionsgrosse', 'maat', 'maten', 'kledingmaat', 'pointure', 'tailles', 'storlek', 'stl',
        'storrelse', 'str', 'koko', 'taglia', 'taglie', 'talla', 'tallas', 'tamanho', 'tamanhos', 'rozmiar', 'rozmiary',
    ];

    private const LETTERS = '\d{0,2}X{0,4}[SL](?:\/\d{0,2}X{0,4}[SML])?|M(?:\/L)?|S\/M|\d{1,2}X(?:\/\d{1,2}X)?|one size|(?:\d{0,2}X{1,4}[\s-]?|(?:extra[\s-]+){1,3})?(?:small|large)|medium|[A-K]';

    private const FIGURES = '\d{1,3}(?:\/\d{1,3})?(?:-\d{1,3})?\s?(?!cm|in|mm)[a-z]{0,2}';

    /** The word "taille" is a size in French and a waist in German: see `ChartPaste`. */
    public static function isHeading(string $label): bool
    {
        $words = PlainWords::plain($label);
        if (in_array($words, self::HEADINGS, true) || RangeWords::in($label) !== null) {
            return true;
        }
        $known = explode(' ', implode(' ', self::HEADINGS).' taille pattern');

        $alone = trim((string) preg_replace('/\b(?:cm|in|inches|centimetres)\b/', '', $words));

        return ! in_array($alone, ['taille', 'pattern', ''], true) && array_diff(explode(' ', $words), $known) === [];
    }

    /** The first of several names of a size: `XS` of `XS (4-6)`, `4` of `US 4`. */
    public static function first(string $name): string
    {
        $alone = trim((string) preg_replace([
            '/\s*[(\[][^)\]]*[)\]]\s*$/',
            '/^(?:(?:US|UK|EU|DE|FR|IT|AUS?|Gr\.?|T)\s*(?=\d)|(?:Size|Grösse|Größe|Taille|Maat)\s*(?=\d|[XSML\d]{1,4}\b))/iu',
            '/\s*\/\s*(?:US|UK|EU|DE|FR|IT)\s*\d+$/i',
            '/(?<=[SML])\s+\d+(?:-\d+)?$/',
        ], '', $name));

        return $alone === '' ? $name : $alone;
    }

    /** The name in brackets or behind a slash: `4-6` of `XS (4-6)`, `EU 36` of `US 4 / EU 36`; empty where there is none. */
    public static function second(string $name): string
    {
        $country = '(?:US|UK|EU|DE|FR|IT)';
        if (preg_match("/^(?:{$country}\s*)?\w+\s*\/\s*({$country}\s*\d+)$/i", $name, $part) === 1) {
            return $part[1];
        }

        return preg_match('/\S\s*[(\[]\s*([^)\]]+?)\s*[)\]]\s*$/', $name, $part) === 1 ? $part[1] : '';
    }

    /**
     * The names of the sizes, and the other names printed beside them: `US/EU  4/36` has two where its head has.
     *
     * @param  list<string>  $typed
     * @return array{list<string>, list<string>} the second empty where there is none
     */
    public static function firstAndSecond(string $head, array $typed): array
    {
        if (preg_match('/^\s*[A-Z]{2}\s*\/\s*[A-Z]{2}\s*$/', $head) === 1 && preg_grep('/^[^\/]+\/[^\/]+$/', $typed) === $typed) {
            $pairs = array_map(static fn (string $name): array => array_map(trim(...), explode('/', $name)), $typed);

            return [array_column($pairs, 0), array_column($pairs, 1)];
        }

        return [array_map(self::first(...), $typed), array_map(self::second(...), $typed)];
    }

    /**
     * Whether they are sizes of the larger range, such as `18W` and `2X`.
     *
     * @param  list<string>  $names
     */
    public static function arePlus(array $names): bool
    {
        return preg_grep('/^(?:\d{2}W|\dX)$/i', $names) !== [];
    }

    /**
     * Whether they are children's sizes, which are called after a height in centimetres.
     *
     * @param  list<string>  $names
     */
    public static function areHeights(array $names): bool
    {
        $heights = array_filter($names, static fn (string $name): bool => ctype_digit($name) && (int) $name >= 80 && (int) $name <= 176);

        return $names !== [] && count($heights) === count($names);
    }

    /** @param  list<string>  $cells  empty ones don't count */
    public static function areSizes(array $cells): bool
    {
        $named = array_values(array_filter(array_map(self::first(...), $cells), static fn (string $cell): bool => $cell !== ''));

        // A letter beside figures is a view: "A 45 2 1/4".
        $isView = preg_grep('/^[A-K]$/', $named) !== [] && preg_grep('/^\d/', $named) !== [];

        return count($named) > 1 && ! $isView && self::couldBeSizes($named) && (self::haveLetters($named) || self::countUp($named));
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
            // The size below 0 is called 00.
            $size = $name === '00' ? -1 : (int) $name;
            if ($before !== null && $size <= $before) {
                return true;
            }
            $before = $size;
        }

        return false;
    }

    /**
     * Whether they are plain numbers that neither rise nor fall: the girths of one size rather than sizes.
     *
     * @param  list<string>  $names
     */
    public static function goUpAndDown(array $names): bool
    {
        $numbers = array_map(intval(...), array_filter($names, ctype_digit(...)));
        if (count($numbers) !== count($names) || count($names) < 3) {
            return false;
        }
        $rising = $falling = $numbers;
        sort($rising);
        rsort($falling);

        return $numbers !== $rising && $numbers !== $falling;
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

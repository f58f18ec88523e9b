<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\PlainWords;

/**
 * Splits a line of a PDF's text, where only spaces stand between the cells.
 *
 * Two spaces always part two cells; one space parts them unless the next word belongs to the
 * figure before it, as in `37 3/4`, `91 (36)`, `86 - 90` and `91 cm`.
 */
final class SpacedLine
{
    private const FIGURE = '(?:\d+(?:[.,]\d+)?(?:(?:\s|\s?-\s?)\d{1,2}\/\d{1,2})?|\d{1,2}\/\d{1,2})[½¼¾⅛⅜⅝⅞]?(?:\s?(?:cm|inch(?:es)?|in)\b|\s?")?';

    /** A size that is more than a figure, before the figures of its line: `UK 8  84`, `8 (S)  84`, `US 8 / EU 36  84`. */
    private const SIZE_FIRST = '/^(?<size>(?:size|sz|us|uk|eu|de|fr|it)\s*\d{1,2}(?:\s*\/\s*(?:us|uk|eu|de|fr|it)?\s*\d{1,2})?|(?:\d{1,2}X?|\d{0,2}X{0,4}[SML])\s*[(\[][^)\]]{1,14}[)\]])\s+(?=\d)/i';

    private const JOINED = '(?:\s?(?:-|\bto\b|\bbis\b|\btot\b|à)\s?';

    /** @return array{string, list<string>} the words before the first figure, and the cells */
    public static function split(string $typed): array
    {
        $typed = trim($typed);
        // "Misses 6-16" is a title: the sizes themselves follow.
        if (str_contains($typed, '-') && RangeWords::in($typed) !== null) {
            return [$typed, []];
        }
        $sizes = self::sizes($typed);
        if ($sizes !== null) {
            return $sizes;
        }
        // A unit behind the last figure is that of all: "Bust 33 34 1/2 36 in."
        if (preg_match('/^(?<row>\p{L}.*\d)\s+(?<unit>in|ins|inch|inches|cm|cms)\.?$/iu', $typed, $found) === 1 && preg_match('/\d\s*(?:cm|in|")/i', $found['row']) !== 1) {
            [$label, $cells] = self::split($found['row']);

            return [$label.(str_starts_with(strtolower($found['unit']), 'c') ? ' (cm)' : ' (in)'), $cells];
        }
        if (preg_match(self::SIZE_FIRST, $typed, $found) === 1 && SizeWords::couldBeSizes([SizeWords::first($found['size'])])) {
            return [$found['size'], self::split('x '.substr($typed, strlen($found[0])))[1]];
        }
        // "View 2" is a title; its number is no figure.
        [$of, $rest] = (new PartNames([], []))->viewAndFit($typed);
        if (preg_match('/\d/', $of === [] ? $typed : $rest) !== 1) {
            return self::words($typed);
        }
        // Words in brackets belong to the label: "Hip (9 in below the waist) 91 95".
        // So does the number of a line in a diagram: "(1) Bust 84 88".
        preg_match('/^(?:(?:[(\[]?\d{1,2}[)\].]\s*|\d{1,2}\s+)(?=\p{L}{3}))?(?:[^\d(]|\((?=[^)]*\p{L}|\s*")[^)]*\))*/u', $typed, $label);
        $label = preg_replace('/(?:\s+(?:-+|\.+|n\/a))+\s*$/', '', $label[0] ?? '') ?? '';
        $cells = [];
        foreach (self::chunks(substr($typed, strlen($label))) as $chunk) {
            array_push($cells, ...self::cells($chunk));
        }

        return [trim($label, " \t:"), $cells];
    }

    /** @return ?array{string, list<string>} null where the line is not that of the sizes */
    private static function sizes(string $typed): ?array
    {
        $chunks = self::chunks($typed);
        if (count($chunks) > 2 && self::namesSizes($chunks[0], array_slice($chunks, 1))) {
            return [$chunks[0], array_slice($chunks, 1)];
        }
        $words = explode(' ', preg_replace('/\s+/', ' ', $typed) ?? '');
        foreach ([3, 2, 1] as $length) {
            $heading = implode(' ', array_slice($words, 0, $length));
            $names = array_slice($words, $length);
            // In French the word for size is also the word for waist.
            $named = SizeWords::isHeading($heading) || (PlainWords::plain($heading) === 'taille' && SizeWords::areSizes($names));
            if ($names !== [] && $named && SizeWords::couldBeSizes($names) && ! SizeWords::goUpAndDown($names)) {
                return [$heading, $names];
            }
        }

        return SizeWords::areSizes($words) ? ['', $words] : null;
    }

    /**
     * Whether what stands between wide gaps is a head with the names of sizes, of more than one word or not.
     *
     * @param  list<string>  $names
     */
    private static function namesSizes(string $heading, array $names): bool
    {
        $first = array_map(SizeWords::first(...), $names);

        return (SizeWords::isHeading($heading) || (PlainWords::plain($heading) === 'taille' && SizeWords::areSizes($first)))
            && SizeWords::couldBeSizes($first) && ! SizeWords::goUpAndDown($first);
    }

    /** @return list<string> what stands between two or more spaces */
    private static function chunks(string $text): array
    {
        return explode("\n", trim(preg_replace('/\s{2,}/', "\n", $text) ?? ''));
    }

    /** @return list<string> */
    private static function cells(string $chunk): array
    {
        $figure = self::FIGURE;
        // Between wide gaps two figures and a slash are one measure in both units.
        if (preg_match("/^{$figure}\\s\\/\\s{$figure}$/u", $chunk) === 1) {
            return [$chunk];
        }
        $range = $figure.self::JOINED.$figure.')?';
        preg_match_all("/{$range}(?:\s?[(\[]\s?{$range}\s?[)\]])?(?=\s|$)|\S+/u", $chunk, $found);

        return array_values(array_filter(array_map(trim(...), $found[0]), static fn (string $cell): bool => $cell !== ''));
    }

    /**
     * A line without a figure: a heading, or the names of the rows of a table that stands the other way round.
     *
     * @return array{string, list<string>}
     */
    private static function words(string $typed): array
    {
        $cells = [];
        foreach (self::chunks($typed) as $chunk) {
            $isWhole = RowName::of($chunk)->place !== null || SizeWords::isHeading($chunk);
            array_push($cells, ...($isWhole ? [$chunk] : self::names(explode(' ', $chunk))));
        }
        $known = array_filter($cells, static fn (string $cell): bool => RowName::mayBegin(explode(' ', $cell)[0]) && RowName::of($cell)->place !== null);
        if (count($known) < 2) {
            return [$typed, []];
        }

        return RowName::of($cells[0])->place === null ? [$cells[0], array_slice($cells, 1)] : ['', $cells];
    }

    /**
     * @param  list<string>  $words
     * @return list<string> the words, those that make a row's name together joined again
     */
    private static function names(array $words): array
    {
        $names = [];
        while ($words !== []) {
            $length = 1;
            foreach (RowName::mayBegin($words[0]) ? [4, 3, 2] : [] as $tried) {
                if (count($words) >= $tried && RowName::of(implode(' ', array_slice($words, 0, $tried)))->place !== null) {
                    $length = $tried;
                    break;
                }
            }
            $names[] = implode(' ', array_splice($words, 0, $length));
        }

        return $names;
    }
}

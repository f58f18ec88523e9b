<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Rows whose cells stand between slashes: `Bust: 84 / 88 / 92`. Two figures alone are one measure in both units. */
final class SlashedCells
{
    private const LINE = '/^(?<label>[^\/\t:]*?(?::|(?<=\S)(?=\s{2,})|(?<=\p{L})(?=\s+\d)|(?<=[XSML])(?=\s)))\s*(?<cells>(?:(?! {2})[^\/\t])+(?:\s\/\s(?:(?! {2})[^\/\t])+){2,})$/u';

    /** The text with tabs between the cells of such lines, where several have as many; else as it is. */
    public static function asTabs(string $text): string
    {
        return RowsAlike::asTabs($text, self::row(...));
    }

    /** @return ?list<string> the label and the cells */
    private static function row(string $line): ?array
    {
        if (preg_match(self::LINE, trim($line), $found) !== 1 || preg_match('/;|,(?!\d)/', $found['cells']) === 1) {
            return null;
        }

        // `60 / 57 / 63 laid flat`: what is said behind the last is said of all.
        $behind = preg_match('/\d(?<words>\s+(?:laid\s+)?flat)$/i', $found['cells'], $said) === 1 ? $said['words'] : '';
        $cells = explode(' / ', $behind === '' ? $found['cells'] : substr($found['cells'], 0, -strlen($behind)));

        return [trim($found['label'], ' :'), ...array_map(static fn (string $cell): string => trim($cell).$behind, $cells)];
    }
}

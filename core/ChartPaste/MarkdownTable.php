<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Tables whose lines stand between upright strokes, as in Markdown. */
final class MarkdownTable
{
    /** The text with tabs between the cells of such lines, and without the rules under their heads. */
    public static function asTabs(string $text): string
    {
        if (preg_match('/^\s*\|.*\|\s*$/m', $text) !== 1) {
            return self::withoutOuter($text);
        }
        $lines = array_filter(explode("\n", $text), static fn (string $line): bool => preg_match('/^[\s|:+-]+$/', $line) !== 1);

        return implode("\n", array_map(
            static fn (string $line): string => preg_match('/^\s*\|(.*)\|\s*$/', $line, $inside) === 1
                ? implode("\t", array_map(trim(...), explode('|', $inside[1])))
                : $line,
            $lines,
        ));
    }

    /** Strokes between the cells alone, at least one in most lines. */
    private static function withoutOuter(string $text): string
    {
        $lines = array_filter(explode("\n", $text), static fn (string $line): bool => preg_match('/^[\s|:+-]*$/', $line) !== 1);
        $stroked = array_filter($lines, static fn (string $line): bool => preg_match('/\S\s*\|\s*\S/', $line) === 1);
        if (str_contains($text, "\t") || count($stroked) < 2 || 2 * count($stroked) <= count($lines)) {
            return $text;
        }

        return implode("\n", array_map(static fn (string $line): string => implode("\t", array_map(trim(...), explode('|', $line))), $lines));
    }
}

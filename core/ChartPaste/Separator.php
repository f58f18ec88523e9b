<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** What stands between the cells of a pasted table. */
enum Separator: string
{
    case Tab = 'tabs';
    case Semicolon = 'semicolons';
    case Comma = 'commas';
    case Spaces = 'spaces';

    /** @return ?non-empty-string null where runs of spaces do, as in the text of a PDF */
    public function character(): ?string
    {
        return match ($this) {
            self::Tab => "\t",
            self::Semicolon => ';',
            self::Comma => ',',
            self::Spaces => null,
        };
    }

    public static function in(string $text): self
    {
        return match (true) {
            str_contains($text, "\t") => self::Tab,
            self::inMostLines($text, ';') => self::Semicolon,
            self::inMostLines($text, ',') && ! self::hasDecimalComma($text) && ! self::hasWideGaps($text) => self::Comma,
            default => self::Spaces,
        };
    }

    /** Whether figures stand apart by wide gaps: then a comma is one of a label, as in `Bust, cm   84   88`. */
    private static function hasWideGaps(string $text): bool
    {
        return preg_match_all('/^[^\n]*\d {2,}\d/m', $text) >= 2;
    }

    private static function inMostLines(string $text, string $character): bool
    {
        $lines = array_filter(explode("\n", $text), static fn (string $line): bool => trim($line) !== '');
        $with = array_filter($lines, static fn (string $line): bool => str_contains($line, $character));

        return 2 * count($with) > count($lines);
    }

    /**
     * Whether a cell looks like `95,5`: a comma between two figures that stand alone between spaces,
     * not quoted. Then commas are decimals, and what stands between the cells is something else.
     */
    private static function hasDecimalComma(string $text): bool
    {
        if (preg_match('/(^|,)\s*"[^"\n]*,[^"\n]*"\s*(,|$)/m', $text) === 1) {
            return false;
        }

        return preg_match('/(?:^|\s)\d+,\d{1,2}(?=\s|$)/m', $text) === 1;
    }
}

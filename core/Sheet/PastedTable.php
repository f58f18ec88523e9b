<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

/** A pasted text as lines of cells, whatever stood between the cells. */
final readonly class PastedTable
{
    /** More than any chart holds; a whole book is not looked through. */
    public const LARGEST_BYTES = 200_000;

    public const MOST_LINES = 300;

    public const MOST_CELLS = 90;

    private const SAME_MEANING = [
        "\r\n" => "\n", "\r" => "\n", "\u{FEFF}" => '', "\u{00AD}" => '', "\u{00A0}" => ' ', "\u{2007}" => ' ', "\u{2009}" => ' ',
        "\u{202F}" => ' ', '−' => '-', '–' => '-', '—' => '-', '‑' => '-', '″' => '"', '”' => '"', '“' => '"',
    ];

    /** @param  list<SheetLine>  $lines those that are not empty */
    private function __construct(public Separator $separator, public array $lines, public int $dropped)
    {
    }

    /** Reads at most so many lines; the number of those beyond is told. */
    public static function of(string $text): self
    {
        $text = strtr(mb_scrub(mb_strcut($text, 0, self::LARGEST_BYTES)), self::SAME_MEANING);
        $typed = array_values(array_filter(explode("\n", $text), static fn (string $line): bool => trim($line) !== ''));
        $separator = Separator::in($text);
        $kept = array_slice($typed, 0, self::MOST_LINES);

        $lines = array_map(static fn (string $line): SheetLine => self::line($line, $separator), $kept);

        return new self($separator, $separator === Separator::Spaces ? $lines : self::labelled($lines), count($typed) - count($kept));
    }

    /**
     * A table without a single word in its first column has no labels: its first cells are cells.
     *
     * @param  list<SheetLine>  $lines
     * @return list<SheetLine>
     */
    private static function labelled(array $lines): array
    {
        foreach ($lines as $line) {
            if (preg_match('/\p{L}{3}/u', $line->label) === 1 && ! SizeNames::couldBeSizes([$line->label])) {
                return $lines;
            }
            if (SizeNames::isHeading($line->label) || $line->label === '') {
                return $lines;
            }
        }

        return array_map(
            static fn (SheetLine $line): SheetLine => new SheetLine('', [$line->label, ...$line->cells], $line->typed),
            $lines,
        );
    }

    private static function line(string $typed, Separator $separator): SheetLine
    {
        $typed = rtrim($typed, ' ');
        $character = $separator->character();
        if ($character === null) {
            [$label, $cells] = SpacedLine::split($typed);

            return new SheetLine($label, array_slice($cells, 0, self::MOST_CELLS), $typed);
        }
        // An inch mark is no quote: only a cell that begins with one is quoted.
        $quoted = preg_match('/(^|'.preg_quote($character, '/').')\s*"[^"]*"\s*('.preg_quote($character, '/').'|$)/', $typed) === 1;
        $cells = $quoted ? str_getcsv($typed, $character, '"', '') : explode($character, $typed);
        $cells = array_map(static fn (?string $cell): string => trim((string) $cell), array_slice($cells, 0, self::MOST_CELLS + 1));

        return new SheetLine($cells[0], array_slice($cells, 1), $typed);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** A pasted text as lines of cells, whatever stood between the cells and wherever the table began. */
final readonly class PastedTable
{
    /** More than any chart holds; a whole book is not looked through. */
    public const LARGEST_BYTES = 200_000;

    public const MOST_LINES = 300;

    public const MOST_CELLS = 90;

    /** No line of a chart is longer: beyond it nothing is looked for. */
    private const LONGEST_LINE = 4_000;

    /** The foot of a page, copied along: `Page 3`, `Seite 2/9`. */
    private const FOOT = '/^[ \t]*(?:page|seite|pagina|página|sida|side|blz\.?|p\.)[ \t]*\d{1,3}(?:[ \t]*(?:\/|of|von|van|de|di|sur|av)[ \t]*\d{1,3})?[ \t]*$/imu';

    /** The number of a page alone, below a table that is no list of single cells. */
    private const LONE_FOOT = '/(\d\S*[ \t]+\d\S*[ \t]+\d[^\n]*(?:\n[^\n\d]*)*)\n\s*\d{1,3}\s*$/';

    private const SAME_MEANING = [
        "\r\n" => "\n", "\r" => "\n", "\u{FEFF}" => '', "\u{00AD}" => '', "\u{00A0}" => ' ', "\u{2007}" => ' ', "\u{2009}" => ' ',
        "\u{202F}" => ' ', '−' => '-', '–' => '-', '—' => '-', '‑' => '-', '″' => '"', '”' => '"', '“' => '"', "''" => '"', '⁄' => '/',
    ];

    /** @param  list<PastedLine>  $lines those that are not empty */
    private function __construct(public Separator $separator, public array $lines, public int $dropped)
    {
    }

    /** Reads at most so many lines; the number of those beyond is told. */
    public static function of(string $text): self
    {
        $text = strtr(mb_scrub(mb_strcut($text, 0, self::LARGEST_BYTES)), self::SAME_MEANING);
        // A sign for a fraction belongs to the whole before it; stars lead to footnotes, or make letters bold.
        $text = (string) preg_replace(['/(?<=\d)[ \x{A0}](?=[½¼¾⅛⅜⅝⅞⅓⅔])/u', '/(?<=[\w%])\*+|\*+(?=\w)/u', self::FOOT], '', $text);
        $text = (string) preg_replace(self::LONE_FOOT, '$1', $text);
        $text = ListedCells::asTable(SlashedCells::asTabs(KnittedSizes::asTabs(WordedSizes::asTable(MarkdownTable::asTabs($text)))));
        $separator = Separator::in($text);
        $character = $separator->character();
        if ($character === null) {
            $typed = array_values(array_filter(explode("\n", $text), static fn (string $line): bool => trim($line) !== ''));

            return new self($separator, array_map(self::spaced(...), array_slice($typed, 0, self::MOST_LINES)), max(0, count($typed) - self::MOST_LINES));
        }
        if ($separator === Separator::Comma) {
            // "Waist, cm" without quotes is one name.
            $text = (string) preg_replace('/(?<=\p{L}\p{L}\p{L}), (cm|in|inches)(?=\s*(?:,|$))/imu', ' ($1)', $text);
        }
        [$records, $dropped] = Records::of($text, $character, self::MOST_LINES);
        $kept = array_map(static fn (array $cells): array => array_slice($cells, 0, self::MOST_CELLS + 1), $records);
        $lines = array_map(
            static fn (array $cells): PastedLine => new PastedLine($cells[0] ?? '', array_slice($cells, 1), implode(' ', $cells)),
            TableParts::stacked($kept),
        );

        return new self($separator, self::labelled($lines), $dropped);
    }

    /**
     * A table without a single word in its first column has no labels: its first cells are cells.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    private static function labelled(array $lines): array
    {
        foreach ($lines as $line) {
            if (preg_match('/\p{L}{3}/u', $line->label) === 1 && ! SizeWords::couldBeSizes([$line->label])) {
                return $lines;
            }
            if (SizeWords::isHeading($line->label) || $line->label === '') {
                return $lines;
            }
        }

        return array_map(
            static fn (PastedLine $line): PastedLine => new PastedLine('', [$line->label, ...$line->cells], $line->typed),
            $lines,
        );
    }

    private static function spaced(string $typed): PastedLine
    {
        [$label, $cells] = SpacedLine::split(mb_strcut(rtrim($typed, ' '), 0, self::LONGEST_LINE));

        return new PastedLine($label, array_slice($cells, 0, self::MOST_CELLS), $typed);
    }
}

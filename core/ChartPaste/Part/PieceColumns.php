<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\Pattern\Pieces\PieceWords;
use Underbolt\PlainWords;

/** What the columns of a pasted table of pieces hold, by its heading: a bare `yes` below "fold" says that it is cut on the fold. */
final readonly class PieceColumns
{
    private const PIECE = ['piece', 'pieces', 'part', 'name', 'pattern piece', 'teil', 'piece de patron', 'no', 'nr', 'number'];

    private const CUT = ['cut', 'how many', 'quantity', 'qty', 'count', 'times', 'number to cut', 'pieces to cut', 'anzahl', 'quantite'];

    private const NO = ['', '-', '–', '0', 'no', 'none', 'nein', 'non'];

    /** @param  array<int, 'fold'|'lining'|'interfacing'>  $columns  by where they stand */
    private function __construct(private array $columns)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** Null for a line that is no heading: it needs a word for the pieces and another for what stands beside them. */
    public static function headed(string $line): ?self
    {
        $cells = explode("\t", $line);
        $columns = [];
        $isHeading = count($cells) > 1;
        foreach ($cells as $at => $cell) {
            $kind = self::kind($cell);
            if (in_array($kind, ['fold', 'lining', 'interfacing'], true)) {
                $columns[$at] = $kind;
            }
            $isHeading = $isHeading && $kind !== null;
        }

        return $isHeading ? new self($columns) : null;
    }

    /** A line with what its bare cells say by their column: `2` below "lining" is two of lining. */
    public function inWords(string $line): string
    {
        $cells = explode("\t", $line);
        foreach ($this->columns as $at => $kind) {
            $cell = trim($cells[$at] ?? '');
            $cells[$at] = match (true) {
                in_array(PlainWords::plain($cell), self::NO, true) => '',
                (new PieceWords($cell))->say($kind) => $cell,
                $kind === 'fold' => 'on the fold',
                default => "{$cell} {$kind}",
            };
        }

        return implode("\t", $cells);
    }

    private static function kind(string $cell): ?string
    {
        $words = new PieceWords($cell);
        $plain = PlainWords::plain($cell);

        return match (true) {
            in_array($plain, self::PIECE, true) => 'piece',
            in_array($plain, self::CUT, true) => 'cut',
            // A piece may be called so: a heading has no other word.
            str_word_count($plain) > 3 => null,
            $words->say('fold') => 'fold',
            $words->say('interfacing') && ! $words->sayAny('front', 'back') => 'interfacing',
            $words->say('lining') && ! $words->sayAny('front', 'back') => 'lining',
            default => null,
        };
    }
}

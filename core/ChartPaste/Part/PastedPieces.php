<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\Pattern\Pieces\PieceWords;

/** The list of pieces from the instructions, one a line, such as `1 Bodice front, cut 1 on fold` or `5 Sleeve: cut 2, cut 2 of lining`. */
final class PastedPieces
{
    /** How instructions say that something is cut, in the languages of our patterns. */
    private const CUT = 'cut|schneiden|zuschneiden|coupe[rz]?|knip(?:pen)?|klipp[ae]?|klip|taglia(?:re)?|corta[r]?|wytnij|leikkaa';

    /** @return PastedPart with the pieces as the open format has them */
    public static function read(string $text): PastedPart
    {
        $rows = $pieces = $leftOut = [];
        foreach (explode("\n", $text) as $line) {
            $typed = trim((string) preg_replace('/\s+/u', ' ', $line));
            if ($typed === '') {
                continue;
            }
            $piece = self::piece($typed);
            if ($piece === null) {
                $leftOut[] = mb_strimwidth($typed, 0, 40, '…').': names no piece';

                continue;
            }
            $pieces[] = $piece;
            $rows[] = new PastedRow($piece['name'], [
                (string) ($piece['times'] ?? ''), isset($piece['on_fold']) ? 'on the fold' : '', (string) ($piece['times_lining'] ?? ''),
            ]);
        }

        return new PastedPart(['how many', 'fold', 'of lining'], $rows, $leftOut, [], ['pieces' => $pieces]);
    }

    /** @return ?array{name: string, times?: int, on_fold?: true, times_lining?: int} null for a line that is no piece */
    private static function piece(string $line): ?array
    {
        $parts = preg_split('/(?=\b(?:'.self::CUT.')\b)|[;,(]/iu', $line, -1, PREG_SPLIT_NO_EMPTY);
        $parts = $parts === false ? [] : $parts;
        $name = trim((string) preg_replace('/\s*(?:\b\d+\s*[x×]|[x×]\s*\d+)\s*$/iu', '', array_shift($parts) ?? ''), " \t.:-–—)");
        if (preg_match('/\p{L}{2}/u', $name) !== 1) {
            return null;
        }
        $piece = ['name' => $name];
        $counted = preg_match('/(?:\b(\d+)\s*[x×]|[x×]\s*(\d+))\s*$/iu', trim(substr($line, 0, strcspn($line, ';,('))), $beside) === 1 ? ["x {$beside[1]}".($beside[2] ?? '')] : [];
        foreach ([...$counted, ...$parts] as $part) {
            $piece = [...$piece, ...self::told($part, isset($piece['times']))];
        }

        return $piece;
    }

    /** @return array{times?: int, on_fold?: true, times_lining?: int} */
    private static function told(string $part, bool $isCounted): array
    {
        $words = new PieceWords($part);
        $number = preg_match('/\d+/', $part, $found) === 1 ? (int) $found[0] : null;
        $fold = $words->say('fold') ? ['on_fold' => true] : [];

        return match (true) {
            $number === null || $number < 1 || $number > 40 => $fold,
            $words->say('lining') && ! $words->say('interfacing') => ['times_lining' => $number, ...$fold],
            $words->say('interfacing'), $isCounted => $fold,
            default => ['times' => $number, ...$fold],
        };
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** A text as records of cells, the way spreadsheets write them: a quoted cell may hold the separator and line breaks. */
final class Records
{
    /** A longer cell is no cell but a stray quote. */
    private const LONGEST_QUOTED = 300;

    /**
     * @param  non-empty-string  $separator  one character
     * @param  int  $most  so many are read; of the rest only the lines are counted
     * @return array{list<list<string>>, int} without the records in which nothing stands, and how many more lines there are
     */
    public static function of(string $text, string $separator, int $most): array
    {
        $part = preg_quote($separator, '/');
        // An inch mark is no quote: only a cell that begins with one, and ends with it, is quoted.
        $quoted = '/\G *"((?:[^"]|""){0,'.self::LONGEST_QUOTED."})\" *(?=[{$part}\n]|\$)/";
        $records = [];
        $record = [];
        $length = strlen($text);
        $at = 0;
        for (; $at <= $length && count($records) < $most; $at++) {
            $long = strcspn($text, "{$separator}\n", $at);
            $cell = substr($text, $at, $long);
            if (str_starts_with(ltrim($cell, ' '), '"') && preg_match($quoted, $text, $found, 0, $at) === 1) {
                $cell = strtr($found[1], ['""' => '"', "\n" => ' ']);
                $long = strlen($found[0]);
            }
            $record[] = trim($cell);
            $at += $long;
            if (($text[$at] ?? "\n") === "\n") {
                $records[] = $record;
                $record = [];
            }
        }
        $rest = trim(substr($text, $at));

        return [
            array_values(array_filter($records, static fn (array $cells): bool => implode('', $cells) !== '')),
            $rest === '' ? 0 : substr_count($rest, "\n") + 1,
        ];
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Rows that belong together, or hold two: `Bust from` over `Bust to` is one row of ranges, `Bust body/finished` is two rows. */
final class PairedRows
{
    private const FROM = '/^(?<name>.+?)[\s,(]+(?:from|min(?:imum)?\.?|von|de|van|fra|da)\)?$/iu';

    private const TO = '/^(?<name>.+?)[\s,(]+(?:to|max(?:imum)?\.?|bis|a|à|tot|til)\)?$/iu';

    private const BOTH = '/^(?<name>.*?)[\s,(]*\b(?<one>body|finished|garment)\s*\/\s*(?<other>body|finished|garment)\b\)?\s*$/iu';

    /**
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    public static function apart(array $lines): array
    {
        $read = [];
        for ($at = 0, $all = count($lines); $at < $all; $at++) {
            $range = isset($lines[$at + 1]) ? self::range($lines[$at], $lines[$at + 1]) : null;
            if ($range !== null) {
                $read[] = $range;
                $at++;
            } else {
                array_push($read, ...self::both($lines[$at]));
            }
        }

        return $read;
    }

    private static function range(PastedLine $from, PastedLine $to): ?PastedLine
    {
        $isPair = count($from->cells) > 0 && count($from->cells) === count($to->cells)
            && preg_match(self::FROM, $from->label, $one) === 1 && preg_match(self::TO, $to->label, $other) === 1
            && mb_strtolower($one['name']) === mb_strtolower($other['name']);
        if (! $isPair) {
            return null;
        }
        $cells = array_map(static fn (string $low, string $high): string => $low === '' || $high === '' ? $low.$high : "{$low}-{$high}", $from->cells, $to->cells);

        return new PastedLine($one['name'], $cells, "{$from->typed} {$to->typed}");
    }

    /** @return list<PastedLine> the line itself where it holds one row */
    private static function both(PastedLine $line): array
    {
        if (! $line->hasCells() || preg_match(self::BOTH, $line->label, $found) !== 1) {
            return [$line];
        }
        $pairs = array_map(static fn (string $cell): array => array_map(trim(...), explode('/', $cell)), $line->cells);
        if (array_filter($pairs, static fn (array $pair): bool => count($pair) !== 2 && $pair !== ['']) !== []) {
            return [$line];
        }

        return [
            new PastedLine("{$found['name']} ({$found['one']})", array_map(static fn (array $pair): string => $pair[0], $pairs), $line->typed),
            new PastedLine("{$found['name']} ({$found['other']})", array_map(static fn (array $pair): string => $pair[1] ?? '', $pairs), $line->typed),
        ];
    }
}

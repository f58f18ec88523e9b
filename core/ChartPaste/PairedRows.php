<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/**
 * Rows that belong together, or hold two: `Bust from` over `Bust to` is one row of ranges, `Bust body/finished` is two rows, and
 * `Hip, slim / average / curvy` three.
 */
final class PairedRows
{
    private const FROM = '/^(?<name>.+?)[\s,(]+(?:from|min(?:imum)?\.?|von|de|van|fra|da)\)?$/iu';

    private const TO = '/^(?<name>.+?)[\s,(]+(?:to|max(?:imum)?\.?|bis|a|à|tot|til)\)?$/iu';

    private const BOTH = '/^(?<name>.*?)[\s,(]*\b(?<one>body|finished|garment)\s*\/\s*(?<other>body|finished|garment)\b\)?\s*$/iu';

    private const FITS = '/^(?<name>[^,(\/]+?)[\s,(]+(?<fits>'.PartNames::FITS.'(?:\s*\/\s*'.PartNames::FITS.')+)\)?$/iu';

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
        return match (true) {
            ! $line->hasCells() => [$line],
            preg_match(self::BOTH, $line->label, $found) === 1 => self::split($line, ["{$found['name']} ({$found['one']})", "{$found['name']} ({$found['other']})"]),
            preg_match(self::FITS, $line->label, $found) === 1 => self::split($line, array_map(static fn (string $fit): string => "{$found['name']}, ".trim($fit), explode('/', $found['fits']))),
            default => [$line],
        };
    }

    /**
     * @param  list<string>  $labels
     * @return list<PastedLine> the line itself where its cells hold no figure for each
     */
    private static function split(PastedLine $line, array $labels): array
    {
        $all = array_map(static fn (string $cell): array => array_map(trim(...), explode('/', $cell)), $line->cells);
        if (array_filter($all, static fn (array $own): bool => count($own) !== count($labels) && $own !== ['']) !== []) {
            return [$line];
        }

        return array_map(
            static fn (string $label, int $at): PastedLine => new PastedLine($label, array_map(static fn (array $own): string => $own[$at] ?? '', $all), $line->typed),
            $labels,
            array_keys($labels),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\PastedTable;
use Underbolt\ChartPaste\RowName;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Cups\CupMeasure;

/** A table of cups: from which difference to which each letter goes, the letters down or across. */
final class PastedCups
{
    private const LETTER = 'AA|A|B|C|DD(?:D)?|D\/DD|D|E|F|G|H|I|J|K';

    private const FIGURE = '\d+(?:[.,]\d+)?(?:(?:\s|\s?-\s?)\d{1,2}\/\d{1,2})?|\d{1,2}\/\d{1,2}';

    private const UNIT = '\s?(?:cm|inch(?:es)?|in|")?';

    /** One letter is an inch further: steps beyond this are centimetres, below the other inches. */
    private const CM_STEP = 1.8;

    private const INCH_STEP = 1.3;

    /** What the difference is taken from, as a title says it. */
    private const FRONT_HALF = '/\b(?:front half|half (?:the )?(?:full )?bust|half front|half chest|under ?bust|unterbrust|vordere)\b/i';

    private const HIGH_BUST = '/\b(?:high|upper) (?:bust|chest)\b|\boberbrust\b/i';

    /**
     * @param  ?Unit  $told  the unit of the figures, where a person has said it
     * @param  list<string>  $ranges  the pattern's envelopes: each can have a table of its own
     * @param  list<string>  $sizes  the pattern's
     */
    public static function read(string $text, Unit $typedIn, ?Unit $told = null, array $ranges = [], array $sizes = []): PastedPart
    {
        $bySize = CupRows::read($text, $typedIn, $told, $sizes);
        if ($bySize !== null) {
            return $bySize;
        }
        $leftOut = $rows = $rules = [];
        $isOpen = false;
        foreach (self::sections(PastedTable::of($text)->lines, $ranges) as [$range, $lines]) {
            $said = implode(' ', array_map(static fn (PastedLine $line): string => $line->typed, $lines));
            [$found, $unit, $unread] = self::cups($lines);
            array_push($leftOut, ...$unread);
            if ($found === []) {
                continue;
            }
            $unit = $told ?? $unit;
            $isOpen = $isOpen || $unit === null;
            $worded = static fn (string $figure): string => ($unit ?? $typedIn) === $typedIn ? $figure : LengthText::worded($figure, $unit ?? $typedIn);
            $table = array_map(static fn (array $cup): array => ['cup' => $cup[0], 'from' => $worded($cup[1]), 'to' => $worded($cup[2])], $found);
            $of = $range === null ? 'Cup' : "{$range}, cup";
            $isKnown = $range === null || in_array($range, $ranges, true);
            if (! $isKnown && in_array(null, array_column($rules, 'range'), true)) {
                $leftOut[] = "{$range}: no envelope of this pattern is called so";

                continue;
            }
            $where = $isKnown ? null : "No envelope of this pattern is called {$range}: it is taken for the pattern's own rule.";
            foreach ($table as $at => $line) {
                $rows[] = new PastedRow("{$of} {$line['cup']}", [$line['from'], $line['to']], self::doubt($line, $typedIn) ?? self::overlap($table, $at, $typedIn) ?? $where);
            }
            $rules[] = ['range' => $isKnown ? $range : null, 'measure' => self::measureIn($said), 'table' => $table];
        }

        return new PastedPart(['from', 'up to, not with'], $rows, $leftOut, $isOpen ? ['cm', 'in'] : [], ['cup_rules' => $rules]);
    }

    /**
     * A table whose letters begin anew without a title is the next envelope's: two rules are never one.
     *
     * @param  list<PastedLine>  $lines
     * @param  list<string>  $ranges
     * @return list<array{?string, list<PastedLine>}>
     */
    private static function sections(array $lines, array $ranges): array
    {
        $sections = (new CupSections($ranges))->of($lines);
        if (count($sections) > 1) {
            return $sections;
        }
        $parts = [[]];
        $seen = [];
        foreach ($lines as $line) {
            $cup = self::cup($line->typed);
            if ($cup !== null && in_array($cup[0], $seen, true)) {
                $parts[] = [];
                $seen = [];
            }
            $seen = $cup === null ? $seen : [...$seen, $cup[0]];
            $parts[count($parts) - 1][] = $line;
        }
        $names = count($parts) === count($ranges) ? $ranges : array_map(static fn (int $at): ?string => $at === 0 ? null : 'table '.($at + 1), array_keys($parts));

        return count($parts) === 1 ? $sections : array_map(static fn (?string $name, array $part): array => [$name, $part], $names, $parts);
    }

    /**
     * @param  list<PastedLine>  $lines  of one table
     * @return array{list<array{string, string, string}>, ?Unit, list<string>} the cups, the unit where it is said or the steps tell it, and what is none
     */
    private static function cups(array $lines): array
    {
        $named = null;
        $found = [];
        $leftOut = [];
        foreach (self::down($lines) as $line) {
            $named ??= RowName::of($line)->unit;
            $cup = self::cup($line);
            $cup === null ? $leftOut[] = mb_strimwidth(trim($line), 0, 40, '…').': no cup with its figures' : $found[] = $cup;
        }
        $found = self::chained($found);

        return [$found, $named ?? self::unitOf($found), $leftOut];
    }

    private static function measureIn(string $said): ?string
    {
        return match (true) {
            preg_match(self::FRONT_HALF, $said) === 1 => CupMeasure::FrontHalfDifference->value,
            preg_match(self::HIGH_BUST, $said) === 1 => CupMeasure::HighBustDifference->value,
            default => null,
        };
    }

    /** @param  list<array{cup: string, from: string, to: string}>  $table */
    private static function overlap(array $table, int $at, Unit $unit): ?string
    {
        [$from, $to] = [Length::tryParse($table[$at]['from'], $unit), Length::tryParse($table[$at]['to'], $unit)];
        foreach (array_slice($table, 0, $at) as $other) {
            [$low, $high] = [Length::tryParse($other['from'], $unit), Length::tryParse($other['to'], $unit)];
            if ($from !== null && $to !== null && $low !== null && $high !== null && $from->isLessThan($high) && $low->isLessThan($to)) {
                return "It overlaps with cup {$other['cup']}: one difference can't be two cups.";
            }
        }

        return null;
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return list<string> one line for each cup, whichever way the table stood
     */
    private static function down(array $lines): array
    {
        foreach ($lines as $at => $line) {
            $letters = explode(' ', trim((string) preg_replace(['/\bcups?\b:?/i', '/\s+/'], ' ', $line->typed)));
            if (count($letters) < 2 || preg_grep('/^(?:'.self::LETTER.')$/i', $letters) !== $letters) {
                continue;
            }
            $rest = array_slice($lines, $at + 1);
            $above = array_map(static fn (PastedLine $one): string => $one->typed, array_slice($lines, 0, $at));
            $rows = array_values(array_filter($rest, static fn (PastedLine $one): bool => count($one->filled()) === count($letters)));
            $others = array_filter($rest, static fn (PastedLine $one): bool => count($one->filled()) !== count($letters));
            $units = array_map(static fn (PastedLine $one): string => $one->label, $rows);

            return [
                ...$above,
                ...array_map(static fn (PastedLine $one): string => $one->typed, array_values($others)),
                ...array_values(array_filter($units, static fn (string $label): bool => RowName::of($label)->unit !== null)),
                ...array_map(
                    static fn (string $letter, int $column): string => "{$letter} "
                        .implode(' - ', array_map(static fn (PastedLine $row): string => $row->cells[$column] ?? '', $rows)),
                    $letters,
                    array_keys($letters),
                ),
            ];
        }

        return array_map(static fn (PastedLine $line): string => $line->typed, $lines);
    }

    /** @return ?array{string, string, string} letter, from, to; an end that is not said is empty */
    private static function cup(string $line): ?array
    {
        $letter = '(?<letter>'.self::LETTER.')';
        $line = trim(strtr($line, ['≥' => 'from ', '≤' => 'up to ', '<' => 'up to ', '>' => 'from ']));
        if (preg_match("/^(?:cup\s+)?{$letter}(?:[\s-]*cup)?\s*[:=.]?\s+(?<rest>.*\d.*)$/i", $line, $part) !== 1
            && preg_match("/^(?<rest>.*\d.*?)\s*[:=]?\s*(?:cup\s+)?{$letter}(?:[\s-]*cup)?$/i", $line, $part) !== 1) {
            return null;
        }
        $name = strtoupper(explode('/', $part['letter'])[0]);
        $figure = '(?:'.self::FIGURE.')'.self::UNIT;
        if (preg_match("/^(?:from\s+)?(?<from>{$figure})\s*(?:-|to|up to|bis|und|and|\s)\s*(?:(?:under|less than|unter|up to)\s+)?(?<to>{$figure})$/iu", $part['rest'], $ends) === 1) {
            return [$name, self::tidy($ends['from']), self::tidy($ends['to'])];
        }
        if (preg_match("/^(?:up to|to|under|less than|bis|unter|max\.?)\s+(?<to>{$figure})$/iu", $part['rest'], $ends) === 1) {
            return [$name, '', self::tidy($ends['to'])];
        }
        if (preg_match("/^(?:(?:from|over|ab|from about)\s+)?(?<from>{$figure})\s*(?:\+|and (?:more|over|up)|und mehr)?$/iu", $part['rest'], $ends) === 1) {
            return [$name, self::tidy($ends['from']), ''];
        }

        return null;
    }

    private static function tidy(string $figure): string
    {
        return trim((string) preg_replace('/\s+/', ' ', $figure));
    }

    /**
     * An end that is not said is where the neighbour begins or ends; the least cup begins at nothing.
     *
     * @param  list<array{string, string, string}>  $cups
     * @return list<array{string, string, string}>
     */
    private static function chained(array $cups): array
    {
        usort($cups, static fn (array $one, array $other): int => CupLetter::place($one[0]) <=> CupLetter::place($other[0]));
        $chained = [];
        foreach ($cups as $at => [$letter, $from, $to]) {
            $chained[] = [$letter, $from !== '' ? $from : ($cups[$at - 1][2] ?? '0'), $to !== '' ? $to : ($cups[$at + 1][1] ?? '')];
        }

        return $chained;
    }

    /**
     * @param  list<array{string, string, string}>  $cups
     * @return ?Unit null where the steps could be either
     */
    private static function unitOf(array $cups): ?Unit
    {
        foreach ([...array_column($cups, 1), ...array_column($cups, 2)] as $figure) {
            $word = LengthText::unitWord($figure);
            if ($word !== null) {
                return LengthText::unitNanometres($word) === Unit::Inch->nanometres() ? Unit::Inch : Unit::Centimetre;
            }
        }
        $steps = [];
        foreach ($cups as [, $from, $to]) {
            $low = Length::tryParse($from, Unit::Centimetre);
            $high = Length::tryParse($to, Unit::Centimetre);
            if ($low !== null && $high !== null) {
                $steps[] = $high->minus($low)->nanometres / Unit::Centimetre->nanometres();
            }
        }
        sort($steps);
        $step = $steps[intdiv(count($steps), 2)] ?? null;

        return match (true) {
            $step === null => null,
            $step >= self::CM_STEP => Unit::Centimetre,
            $step <= self::INCH_STEP => Unit::Inch,
            default => null,
        };
    }

    /** @param  array{cup: string, from: string, to: string}  $line */
    private static function doubt(array $line, Unit $unit): ?string
    {
        $from = Length::tryParse($line['from'], $unit);
        $to = Length::tryParse($line['to'], $unit);

        return match (true) {
            $line['to'] === '' => 'It isn\'t said where this cup ends: type its upper figure, as on the paper.',
            $from === null || $to === null => 'This is no figure a tape can show.',
            ! $from->isLessThan($to) => 'This range runs backwards.',
            default => null,
        };
    }
}

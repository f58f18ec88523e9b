<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Typed\FaultLog;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;
use Underbolt\Refusal;

/** Measure cards as comma-separated text: one reading a line, as typed, with a heading line first. */
final class CardCsv
{
    public const HEADING = ['point', 'value', 'unit', 'reading', 'date', 'foundation', 'picked', 'measured_by'];

    /** @param  list<CardLine>  $lines */
    public static function write(array $lines): string
    {
        $rows = array_map(static fn (CardLine $line): array => [
            $line->point->value, $line->text, $line->unit->value, (string) $line->attempt, $line->date, $line->foundation, $line->picked ? 'picked' : '', $line->measuredBy,
        ], $lines);

        return implode('', array_map(CsvLine::of(...), [self::HEADING, ...$rows]));
    }

    /**
     * Reads what `write` writes, and what a spreadsheet makes of it: semicolons or tabs as well as commas,
     * the columns in any order, reading, date, foundation, picked and measured_by left out where they are not needed.
     *
     * @param  string  $today  the date of lines that give none, as `2026-11-23`
     * @return array{list<CardLine>, FaultLog} what can be read, and a fault for each line that can't, by its number
     */
    public static function read(string $csv, string $today): array
    {
        $log = new FaultLog;
        $lines = explode("\n", str_replace(["\r\n", "\r"], "\n", trim($csv, "\u{FEFF}\r\n")));
        $heading = array_shift($lines);
        $separator = self::separator($heading);
        $columns = array_map(
            static fn (?string $cell): string => strtolower(trim((string) $cell)),
            str_getcsv($heading, $separator, '"', ''),
        );
        if (array_diff(['point', 'value'], $columns) !== []) {
            $log->add('line 1', 'the heading must name the columns point and value; unit, reading, date, foundation, picked and measured_by may follow');

            return [[], $log];
        }
        if (count($lines) > CardLines::MOST) {
            $log->add(
                'line '.(CardLines::MOST + 2),
                'more than '.CardLines::MOST.' lines are more than any workroom has; split the file',
            );

            return [[], $log];
        }
        $read = [];
        foreach ($lines as $index => $line) {
            if (trim($line) !== '') {
                $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, $separator, '"', ''));
                $read[] = self::line(
                    array_combine($columns, array_pad(array_slice($cells, 0, count($columns)), count($columns), '')),
                    $index + 2,
                    $today,
                    $log,
                );
            }
        }
        $read = array_values(array_filter($read, static fn (?CardLine $line): bool => $line !== null));
        CardLines::refuseTwice($read, $log);

        return [$read, $log];
    }

    /** @param  array<string, string>  $cells by column */
    private static function line(array $cells, int $number, string $today, FaultLog $log): ?CardLine
    {
        $where = "line {$number}";
        $before = count($log->faults());
        $point = Point::tryFrom(str_replace(' ', '_', strtolower($cells['point'])));
        if ($point === null) {
            $log->add($where, "\"{$cells['point']}\" is no point known here; the points are named as in an exported file");
        }
        $unit = ($cells['unit'] ?? '') === '' ? Unit::Centimetre : Unit::tryFrom(strtolower($cells['unit']));
        if ($unit === null) {
            $log->add($where, "\"{$cells['unit']}\" is no unit here; write cm or in");
        }
        $attempt = ($cells['reading'] ?? '') === '' ? 1 : filter_var($cells['reading'], FILTER_VALIDATE_INT);
        if ($attempt === false || $attempt < 1 || $attempt > Readings::MOST_TRIES) {
            $log->add($where, 'the reading must be a number from 1 to '.Readings::MOST_TRIES);
        }
        $date = ($cells['date'] ?? '') === '' ? $today : $cells['date'];
        $dayFault = CardLine::dayFault($date, $today);
        if ($dayFault !== null) {
            $log->add($where, "\"{$date}\" {$dayFault}");
        }
        $foundation = CsvLine::text($cells['foundation'] ?? '');
        $foundationFault = CardLine::foundationFault($foundation);
        if ($foundationFault !== null) {
            $log->add($where, "the foundation {$foundationFault}");
        }
        $measuredBy = CsvLine::text($cells['measured_by'] ?? '');
        $nameFault = CardLine::foundationFault($measuredBy);
        if ($nameFault !== null) {
            $log->add($where, "the name of who measured {$nameFault}");
        }
        $length = $point === null || $unit === null ? null : self::length($cells['value'], $point, $unit, $where, $log);

        return $point === null || $unit === null || $length === null || count($log->faults()) > $before ? null
            : new CardLine(
                point: $point,
                text: $cells['value'],
                unit: $unit,
                length: $length,
                attempt: (int) $attempt,
                date: $date,
                foundation: $foundation,
                number: $number,
                picked: ($cells['picked'] ?? '') !== '',
                measuredBy: $measuredBy,
            );
    }

    private static function length(string $text, Point $point, Unit $unit, string $where, FaultLog $log): ?Length
    {
        try {
            return $point->read($text, $unit);
        } catch (Refusal $refusal) {
            $log->add($where, $refusal->getMessage());

            return null;
        }
    }

    private static function separator(string $heading): string
    {
        $counts = array_map(static fn (string $one): int => substr_count($heading, $one), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return array_key_first($counts);
    }
}

<?php

declare(strict_types=1);

namespace Underbolt\File;

use stdClass;
use Underbolt\Measure\Unit;

/** The charts of a pattern as a table that a spreadsheet opens and that can be pasted back: sizes across, one row a line. */
final class ChartCsv
{
    private const NAMES = [
        'full_bust' => 'Bust',
        'high_bust' => 'High bust',
        'cross_front' => 'Front width',
        'waist' => 'Waist',
        'hip' => 'Hip',
        'bicep' => 'Upper arm',
    ];

    /** @param  stdClass  $document  the pattern part of a make file, as typed */
    public static function write(stdClass $document, Unit $unit): string
    {
        $lines = [['Size', ...self::cells($document->sizes ?? [])]];
        foreach (['body_chart' => '', 'finished' => 'Finished '] as $chart => $before) {
            foreach (self::rows($document->{$chart} ?? null) as $row => $cells) {
                $name = self::NAMES[$row] ?? $row;
                $lines[] = [$before.($before === '' ? $name : strtolower($name))." ({$unit->value})", ...self::cells($cells)];
            }
            $cups = $document->cups ?? null;
            foreach (self::rows($cups instanceof stdClass ? $cups->{$chart} ?? null : null) as $cup => $cells) {
                $lines[] = [($before === '' ? 'Bust' : 'Finished bust').", {$cup} cup ({$unit->value})", ...self::cells($cells)];
            }
        }

        return implode('', array_map(CsvLine::of(...), $lines));
    }

    /** @return array<array-key, mixed> by the name of the row */
    private static function rows(mixed $chart): array
    {
        return $chart instanceof stdClass ? get_object_vars($chart) : [];
    }

    /** @return list<string> */
    private static function cells(mixed $row): array
    {
        return array_map(
            static fn (mixed $cell): string => is_scalar($cell) ? (string) $cell : '',
            is_array($row) ? array_values($row) : [],
        );
    }
}

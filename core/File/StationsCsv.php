<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;

/** The stations of a plan as a table that a spreadsheet opens: one a line, front and back, in the plan's unit. */
final class StationsCsv
{
    public static function write(StationTable $stations, Unit $unit): string
    {
        $head = array_map(static fn (string $name): string => "{$name} ({$unit->value})", ['depth', 'blend', 'change', 'move']);
        $figure = static fn (?Length $length): string => $length === null ? '' : (string) LengthPrint::number($length, $unit);
        $line = static fn (string $side, Station $station): string => CsvLine::of([
            $side, $figure($station->depth), $station->from ?? '', $station->to ?? '', $figure($station->blend), $figure($station->change),
            $figure($station->move), $station->level ?? '',
        ]);
        $lines = [CsvLine::of(['side', $head[0], 'from', 'towards', $head[1], $head[2], $head[3], 'level'])];
        foreach (['front' => $stations->front, 'back' => $stations->back ?? $stations->front] as $side => $list) {
            foreach ($list as $station) {
                $lines[] = $line($side, $station);
            }
        }

        return implode('', $lines);
    }
}

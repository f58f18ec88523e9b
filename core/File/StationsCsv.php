<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Station;

/** The stations of a plan as a table that a spreadsheet opens: one a line, front and back, in the plan's unit. */
final class StationsCsv
{
    public static function write(Plan $plan): string
    {
        $unit = $plan->make->unit;
        $head = array_map(static fn (string $name): string => "{$name} ({$unit->value})", ['depth', 'blend', 'change', 'move']);
        $figure = static fn (?Length $length): string => $length === null ? '' : (string) LengthPrint::number($length, $unit);
        $line = static fn (string $side, Station $station): string => CsvLine::of([
            $side, $figure($station->depth), $station->from ?? '', $station->to ?? '', $figure($station->blend), $figure($station->change),
            $figure($station->move), $station->level ?? '',
        ]);
        $lines = [CsvLine::of(['side', $head[0], 'from', 'towards', $head[1], $head[2], $head[3], 'level'])];
        foreach (['front' => $plan->stations(), 'back' => $plan->backStations() ?? $plan->stations()] as $side => $stations) {
            foreach ($stations as $station) {
                $lines[] = $line($side, $station);
            }
        }

        return implode('', $lines);
    }
}

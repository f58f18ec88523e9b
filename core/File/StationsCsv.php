<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\ToldLine;
use Underbolt\Work\Told\ToldStation;

/** The stations of a make as a table that a spreadsheet opens: one a line, front and back, as they are told, in the plan's unit. */
final class StationsCsv
{
    public static function write(ToldLine $line, Plan $plan): string
    {
        $unit = $plan->make->unit;
        $head = array_map(static fn (string $name): string => "{$name} ({$unit->value})", ['depth', 'told move', 'move']);
        $figure = static fn (?Length $length): string => $length === null ? '' : (string) LengthPrint::number($length, $unit);
        $row = static fn (PieceSide $side, ToldStation $one): string => CsvLine::of([
            $side->value, $figure($one->station->depth), $one->station->level ?? '',
            $one->told === null ? '' : $plan->nameOf($one->told->size), $figure($one->told?->move), $one->told?->isOn === true ? 'on the line' : '',
            $one->station->from ?? '', $one->station->to ?? '', $figure($one->station->move),
        ]);
        $lines = [CsvLine::of(['side', $head[0], 'level', 'line', $head[1], 'where', 'from', 'towards', $head[2]])];
        foreach ([PieceSide::Front, PieceSide::Back] as $side) {
            foreach ($line->side($side)->stations as $station) {
                $lines[] = $row($side, $station);
            }
        }

        return implode('', $lines);
    }
}

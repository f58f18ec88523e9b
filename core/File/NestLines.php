<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\ThinnedLine;

/**
 * A drawing as it is kept: numbers alone, with names.
 *
 * @phpstan-type KeptNest array{width_mm: float|int, height_mm: float|int, has_size: bool, notes: list<string>, lines: list<array{
 *     id: string, names: list<string>, stroke: string, dash: string, runs: non-empty-list<non-empty-list<float|int>>
 * }>}
 */
final class NestLines
{
    private const DECIMALS = 4;

    /**
     * @param  float  $withinMm  how far a point that is left out may lie from what stays
     * @return array<string, mixed> ready for `json_encode`
     */
    public static function of(NestDrawing $drawing, float $withinMm): array
    {
        return [
            'width_mm' => $drawing->widthMm, 'height_mm' => $drawing->heightMm, 'has_size' => $drawing->hasSize, 'notes' => $drawing->notes,
            'lines' => array_map(static fn (DrawnLine $line): array => [
                'id' => $line->id, 'names' => $line->names, 'stroke' => $line->stroke, 'dash' => $line->dash,
                'runs' => array_map(static fn (Line $run): array => self::numbers($run, $withinMm), $line->runs),
            ], $drawing->lines),
        ];
    }

    /** @return list<float> x and y in turn */
    public static function numbers(Line $run, float $withinMm): array
    {
        $numbers = [];
        foreach (ThinnedLine::points($run, $withinMm) as [$x, $y]) {
            $numbers[] = round($x, self::DECIMALS);
            $numbers[] = round($y, self::DECIMALS);
        }

        return $numbers;
    }

    /** @param  KeptNest  $kept  as `of` gives it */
    public static function drawing(array $kept): NestDrawing
    {
        return new NestDrawing(
            array_map(static fn (array $line): DrawnLine => new DrawnLine(
                $line['id'],
                $line['names'],
                $line['stroke'],
                $line['dash'],
                array_map(self::run(...), $line['runs']),
            ), $kept['lines']),
            (float) $kept['width_mm'],
            (float) $kept['height_mm'],
            $kept['has_size'],
            $kept['notes'],
        );
    }

    /** @param  non-empty-list<float|int>  $numbers */
    private static function run(array $numbers): Line
    {
        $x = $y = [];
        for ($i = 0, $all = count($numbers) - 1; $i < $all; $i += 2) {
            $x[] = (float) $numbers[$i];
            $y[] = (float) $numbers[$i + 1];
        }

        return new Line($x, $y);
    }
}

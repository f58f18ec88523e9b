<?php

declare(strict_types=1);

namespace Tests\Core;

use Illuminate\Support\Arr;
use stdClass;
use Underbolt\Advice\Cautions;
use Underbolt\File\MakeReader;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\WorkPlan;

/** A length in centimetres. */
function cm(int|float $number): Length
{
    return Length::ofNumber($number, Unit::Centimetre);
}

/** A length in inches, as typed. */
function inches(string $text): Length
{
    return Length::parse($text, Unit::Inch);
}

/**
 * A make file of a plain woven dress in six sizes; `$changes` replaces parts of it by dotted path,
 * null takes a part out.
 *
 * @param  array<string, mixed>  $changes
 */
function makeFile(array $changes = []): string
{
    $make = [
        'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm',
        'body' => ['full_bust' => 92, 'waist' => 74, 'hip' => 99],
        'pattern' => [
            'name' => 'Plain dress',
            'sizes' => ['8', '10', '12', '14', '16', '18'],
            'body_chart' => [
                'full_bust' => [84, 88, 92, 96, 100, 105],
                'waist' => [66, 70, 74, 78, 82, 87],
                'hip' => [91, 95, 99, 103, 107, 112],
            ],
            'finished' => [
                'full_bust' => [92, 96, 100, 104, 108, 113],
                'waist' => [71, 75, 79, 83, 87, 92],
                'hip' => [98, 102, 106, 110, 114, 119],
            ],
            'levels' => ['bust' => 'critical', 'waist' => 'critical', 'hip' => 'matters'],
            'seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 40, 'hem_allowance' => 3],
        ],
        'choices' => [],
    ];
    foreach ($changes as $path => $value) {
        $value === null ? Arr::forget($make, $path) : data_set($make, $path, $value);
    }
    // Each level by its own school, unless a test is about the planner.
    $make['choices'] = (object) ($make['choices'] + ['pick' => 'level', 'ease' => 'drafted']);

    return json_encode($make, JSON_THROW_ON_ERROR);
}

/** @param  array<string, mixed>  $changes */
function planOf(array $changes = []): Plan
{
    return PlanBuilder::build(MakeReader::read(makeFile($changes)));
}

/**
 * The steps of a plan by their ids.
 *
 * @return array<string, Step>
 */
function stepsOf(Plan $plan): array
{
    return array_column(array_map(static fn (Step $step): array => [$step->id, $step], WorkPlan::of($plan)->steps), 1, 0);
}

/**
 * What a step applies, in short: `front side front waist 1.5 from 14`.
 *
 * @return list<string>
 */
function appliedIn(?Step $step, Plan $plan): array
{
    return array_map(static fn (Applied $one): string => implode(' ', array_filter([
        $one->piece, $one->edge, $one->side?->value, $one->level->value ?? $one->stretch, $one->isSewn ? 'sewn' : '', $one->isUp ? 'up' : '',
        (string) ($one->amount->nanometres / 1e7), $one->line === null ? "after {$one->step}" : "from {$plan->nameOf($one->line)}",
    ], static fn (?string $word): bool => $word !== null && $word !== '')), $step->applied ?? []);
}

/** @return list<string> codes with their level, such as `below_range bust` */
function cautionsOf(Plan $plan): array
{
    return array_map(
        static fn ($caution): string => trim("{$caution->code->value} {$caution->level?->value}"),
        Cautions::of($plan),
    );
}

/** A drawing on which the waist lies so far below the underarm. */
function drawnWaist(float $cm): StationTable
{
    return new StationTable([new Station(cm($cm), '12', '12', null, null, null, cm(0), 'waist')], null, true);
}

/**
 * A copy with a part changed, dropped or doubled here and there.
 *
 * @param  callable(int): bool  $once  true once in so many calls
 */
function mutated(mixed $value, callable $once): mixed
{
    static $junk = [null, true, 0, -1, 1e300, '', 'x', '1/3', '95 cm', [], [null], '8', PHP_INT_MAX, 20, 250];
    if ($once(250)) {
        return $junk[mt_rand(0, count($junk) - 1)];
    }
    if ($value instanceof stdClass) {
        $copy = new stdClass;
        foreach (get_object_vars($value) as $key => $part) {
            $once(500) || $copy->{$once(900) ? "{$key}s" : $key} = mutated($part, $once);
        }

        return $copy;
    }
    if (is_array($value)) {
        $parts = array_filter($value, static fn (): bool => ! $once(500));
        $copy = array_map(static fn (mixed $part): mixed => mutated($part, $once), array_values($parts));

        return $once(400) ? [...$copy, ...array_slice($copy, -1)] : $copy;
    }

    return is_float($value) || is_int($value) ? ($once(60) ? $value * mt_rand(1, 30) / 10 : $value) : $value;
}

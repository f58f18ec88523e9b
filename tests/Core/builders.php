<?php

declare(strict_types=1);

namespace Tests\Core;

use Illuminate\Support\Arr;
use Underbolt\File\MakeReader;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;

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

/** @return list<string> codes with their level, such as `below_range bust` */
function cautionsOf(Plan $plan): array
{
    return array_map(
        static fn ($caution): string => trim("{$caution->code->value} {$caution->level?->value}"),
        $plan->cautions(),
    );
}

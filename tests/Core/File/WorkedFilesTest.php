<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;

const FIXTURES = __DIR__.'/../../fixtures';

/** @return array<string, mixed> the plan of a make file as it is printed, its alternatives by name */
function printedPlan(string $make): array
{
    $plan = json_decode(json_encode(PlanJson::of(PlanBuilder::build(MakeReader::read($make))), JSON_THROW_ON_ERROR), true);
    $plan['alternatives'] = array_combine(array_column($plan['alternatives'], 'name'), $plan['alternatives']);

    return $plan;
}

/** Figures agree within 0.0005, everything else to the letter. */
function expectAgreement(mixed $actual, mixed $wanted, string $where): void
{
    is_float($wanted) || is_int($wanted)
        ? expect($actual)->toEqualWithDelta($wanted, 0.0005, $where)
        : expect($actual)->toBe($wanted, $where);
}

test('the worked plan is agreed with, figure by figure', function (string $file): void {
    $name = basename($file, '.make.json');
    $worked = json_decode((string) file_get_contents(FIXTURES."/worked/{$name}.plan.json"), true);
    $worked['alternatives'] = array_combine(array_column($worked['alternatives'], 'name'), $worked['alternatives']);
    $plan = printedPlan((string) file_get_contents($file));
    expect($plan['blend']['stations'])->toHaveCount(count($worked['blend']['stations']))
        ->and(array_keys($plan['alternatives']))->toEqualCanonicalizing(array_keys($worked['alternatives']));
    foreach (Arr::dot($worked) as $path => $value) {
        expectAgreement(data_get($plan, $path, 'not given'), $value, "{$name} {$path}");
    }
})->with(glob(FIXTURES.'/worked/*.make.json') ?: []);

test('left to its defaults a make is cut as a practitioner would', function (string $file): void {
    $case = json_decode((string) file_get_contents($file));
    $wanted = json_decode((string) file_get_contents($file), true)['expect'];
    $plan = printedPlan(json_encode($case->make, JSON_THROW_ON_ERROR));
    $found = [
        'lead' => $plan['frame']['lead'],
        'bust_adjustment' => ['kind' => $plan['bust_adjustment']['kind'] ?? null, 'total' => $plan['bust_adjustment']['total'] ?? 0.0],
        'levels' => array_map(
            static fn (?array $level): ?array => $level === null ? null : $level + [
                'change_front' => $level['change']['front'],
                'change_back' => $level['change']['back'],
            ],
            $plan['levels'],
        ),
        'alternatives' => $plan['alternatives'],
        'stations' => array_values(array_filter($plan['blend']['stations'], static fn (array $station): bool => $station['level'] !== null)),
    ];
    expect(array_keys(array_filter($found['levels'])))->toEqualCanonicalizing(array_keys($wanted['levels']))
        ->and(array_keys($found['alternatives']))->toEqualCanonicalizing(array_keys($wanted['alternatives']));
    foreach (Arr::dot($wanted) as $path => $value) {
        expectAgreement(data_get($found, $path, 'not given'), $value, basename($file)." {$path}");
    }
})->with(glob(FIXTURES.'/practice/*.json') ?: []);

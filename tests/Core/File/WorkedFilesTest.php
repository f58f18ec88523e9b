<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;

test('the worked plan is agreed with, figure by figure', function (string $name): void {
    $make = (string) file_get_contents(__DIR__."/../../fixtures/worked/{$name}.make.json");
    $worked = json_decode((string) file_get_contents(__DIR__."/../../fixtures/worked/{$name}.plan.json"), true);
    $plan = json_decode(json_encode(PlanJson::of(PlanBuilder::build(MakeReader::read($make))), JSON_THROW_ON_ERROR), true);
    expect($plan['blend']['stations'])->toHaveCount(count($worked['blend']['stations']))
        ->and(array_column($plan['alternatives'], 'name'))->toBe(['best', 'one_size', 'closest', 'least_work']);
    foreach (Arr::dot($worked) as $path => $value) {
        $actual = data_get($plan, $path, 'not given');
        is_float($value) || is_int($value)
            ? expect($actual)->toEqualWithDelta($value, 0.0005, "{$name} {$path}")
            : expect($actual)->toBe($value, "{$name} {$path}");
    }
})->with(['1-two-step-blend', '2-the-same-with-best', '3-inches-high-bust-frame', '4-cup-pieces-liked-ease', '5-knit-hand-clip']);

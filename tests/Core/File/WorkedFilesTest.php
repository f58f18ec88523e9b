<?php

declare(strict_types=1);

use Illuminate\Support\Arr;
use Underbolt\File\FaultyFile;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;

/**
 * Holds a plan against the worked one, figure by figure.
 *
 * @param  list<string>  $parts  dotted paths that this program reaches so far
 */
function expectAgreement(string $name, array $parts): void
{
    $make = (string) file_get_contents(__DIR__."/../../fixtures/worked/{$name}.make.json");
    $worked = json_decode((string) file_get_contents(__DIR__."/../../fixtures/worked/{$name}.plan.json"), true);
    $plan = json_decode(json_encode(PlanJson::of(PlanBuilder::build(MakeReader::read($make))), JSON_THROW_ON_ERROR), true);
    expect($plan['blend']['stations'])->toHaveCount(count($worked['blend']['stations']));
    foreach ($parts as $part) {
        $expected = Arr::dot([$part => data_get($worked, $part, 'no such part')]);
        foreach ($expected as $path => $value) {
            $actual = data_get($plan, $path, 'not given');
            is_float($value)
                ? expect($actual)->toEqualWithDelta($value, 0.0005, "{$name} {$path}")
                : expect($actual)->toBe($value, "{$name} {$path}");
        }
    }
}

test('the two-step blend agrees to the last station', function (): void {
    expectAgreement('1-two-step-blend', ['unit', 'frame', 'levels', 'steps', 'blend']);
});

test('the knit with a clip set by hand agrees to the last station', function (): void {
    expectAgreement('5-knit-hand-clip', ['unit', 'frame', 'levels', 'steps', 'blend']);
});

test('the inch file agrees below the bust, whose frame is led by the high bust', function (): void {
    expectAgreement('3-inches-high-bust-frame', ['unit', 'levels.waist', 'levels.hip', 'levels.bust.chart', 'steps.waist_hip']);
});

test('the file with cup pieces agrees where the cup has no say', function (): void {
    expectAgreement('4-cup-pieces-liked-ease', ['unit', 'levels.waist.size', 'levels.waist.chart', 'levels.waist.left_over', 'levels.hip.chart', 'levels.hip.measure']);
});

test('a file that leaves the pick to the planner is refused by name until there is one', function (): void {
    $make = (string) file_get_contents(__DIR__.'/../../fixtures/worked/2-the-same-with-best.make.json');
    expect(fn () => MakeReader::read($make))->toThrow(FaultyFile::class, 'choices.pick: "best" can\'t be computed yet');
});

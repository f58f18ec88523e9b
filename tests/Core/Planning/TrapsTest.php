<?php

declare(strict_types=1);

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Sizing\EaseBand;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

test('what body and cloth bring with them is said where it matters', function (array $changes, string $caution): void {
    expect(cautionsOf(planOf($changes)))->toContain($caution);
})->with([
    'thighs' => [['body.thigh_level' => 99.5], 'thigh_over_hip hip'],
    'tummy' => [['body.tummy' => 100], 'tummy_over_hip hip'],
    'trouser line' => [['body.tummy' => 74.9], 'waist_at_trousers waist'],
    'taller' => [
        ['body.height' => 173.1, 'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'height' => 168]]],
        'height_differs',
    ],
    'shorter' => [
        ['body.height' => 160, 'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'height' => 168]]],
        'height_differs',
    ],
    'pulled over the head' => [
        ['pattern.pulled_on' => true, 'body.full_bust' => 96, 'pattern.finished.waist' => [70, 72, 75, 80, 85, 90]],
        'cannot_pull_on waist',
    ],
    'pulled over the hip' => [['pattern.pulled_on' => true, 'pattern.garment' => 'skirt'], 'cannot_pull_on waist'],
    'arms' => [
        [
            'body.bicep' => 32,
            'body.full_bust' => 93,
            'choices' => ['ease' => 'liked', 'pick' => 'level', 'liked_ease' => ['bust' => 6, 'waist' => 5, 'hip' => 7]],
        ],
        'sized_down bust',
    ],
]);

test('and is not said where it doesn\'t', function (array $changes): void {
    expect(cautionsOf(planOf($changes)))->toBe([]);
})->with([
    'thighs within the hip' => [['body.thigh_level' => 99]],
    'a tummy a little wider than the waist' => [['body.tummy' => 75]],
    'a height like the draft\'s' => [[
        'body.height' => 173,
        'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'height' => 168]],
    ]],
    'pulled on, wide enough' => [['pattern.pulled_on' => true, 'pattern.finished.waist' => [90, 95, 100, 105, 110, 115]]],
    'pulled on, and stretches' => [['pattern.pulled_on' => true, 'pattern.fabric' => ['kind' => 'knit', 'stretch_percent' => 30]]],
    'thighs over a free hip' => [['body.thigh_level' => 120, 'pattern.levels.hip' => 'free']],
    'as stretchy as the pattern is drafted for' => [['pattern.fabric' => ['kind' => 'knit', 'stretch_percent' => 80]]],
]);

test('ease at the bust has a name', function (float $cm, string $band): void {
    expect(EaseBand::of(cm($cm))->value)->toBe($band);
})->with([
    [-0.1, 'stretched'], [0, 'close-fitting'], [7.4, 'close-fitting'], [7.5, 'fitted'], [10.1, 'fitted'], [10.2, 'semi-fitted'],
    [12.9, 'semi-fitted'], [13, 'loose'], [20.3, 'loose'], [20.4, 'very loose'],
]);

test('another height than the drafted one is said with both figures; where the waist is measured nothing is guessed', function (): void {
    $said = static fn (array $changes): array => array_map(static fn (Caution $one): string => $one->text, Cautions::of(planOf($changes + ['body.height' => 180])));
    $range = ['pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'height' => 168]]];
    expect($said($range + ['body.underarm_to_waist' => 20]))->toBe(['It is drafted for a height of 168 cm, this body is 180 cm: 12 cm taller. The measured lengths decide: nothing is changed for the height alone.'])
        // A row of the chart counts in the size at the bust, and before the envelope's.
        ->and($said($range + ['pattern.lengths' => ['height' => [164, 166, 171, 172, 174, 176]]])[0])->toContain('a height of 171 cm, this body is 180 cm: 9 cm taller')
        ->and($said($range + ['pattern.lengths' => ['height' => [164, 166, 176, 178, 180, 182]]]))->toBe([]);
});

test('a taller body is told how much falls above the waist, as a guess', function (): void {
    $plan = planOf([
        'body.height' => 176,
        'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'height' => 168]],
    ]);
    expect(Cautions::of($plan)[0]->text)->toContain('8 cm taller', '2 cm, falls above the waist (a guess)')
        ->and($plan->lengths->aboveWaist)->toBeNull();
});

<?php

declare(strict_types=1);

use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\LevelPlan;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

/** @param  array<string, mixed>  $changes */
function waistOf(array $changes): LevelPlan
{
    return planOf($changes)->levels['waist'];
}

test('by the chart too much is left, and too little only where the ease carries it', function (array $changes, string $take, float $perEdge, ?float $asCut): void {
    $waist = waistOf(['choices.ease' => 'chart'] + $changes);
    expect($waist->taken->take?->value)->toBe($take)
        ->and($waist->taken->perEdge)->toEqual(cm($perEdge))
        ->and($waist->asCut)->toEqual($asCut === null ? null : cm($asCut));
})->with([
    'on its size' => [['body.waist' => 77], 'leave', 0, 83],
    'a size more, by hand' => [['choices.sizes' => ['waist' => '14']], 'leave', 1, 83],
    // 12 is finished at 79: 4 cm of ease, more than the least.
    'a size less, carried by the ease' => [['body.waist' => 75, 'choices.sizes' => ['waist' => '12']], 'leave', -0.25, 79],
    'a size less, not carried' => [['body.waist' => 77, 'choices.sizes' => ['waist' => '12']], 'in_line', -0.75, 82],
    'a size less, hardly carried: at the least exactly' => [
        ['body.waist' => 76.5, 'choices.sizes' => ['waist' => '12']],
        'leave',
        -0.625,
        79,
    ],
    'beyond the chart, without finished figures' => [['body.waist' => 91, 'pattern.finished' => null], 'in_line', -1, null],
    'a little beyond it' => [['body.waist' => 88, 'pattern.finished' => null], 'sew', -0.25, null],
]);

test('what is too little by the chart and left is carried where the garment has the least ease, and only there', function (array $changes, bool $isCarried): void {
    expect(waistOf(['choices.ease' => 'chart'] + $changes)->isCarried())->toBe($isCarried);
})->with([
    'carried' => [['body.waist' => 75, 'choices.sizes' => ['waist' => '12']], true],
    'at the least exactly' => [['body.waist' => 76.5, 'choices.sizes' => ['waist' => '12']], true],
    'left by hand though it is not' => [['body.waist' => 77, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'leave']], false],
    'let out' => [['body.waist' => 77, 'choices.sizes' => ['waist' => '12']], false],
    'too much' => [['choices.sizes' => ['waist' => '14']], false],
    'not known' => [['body.waist' => 88, 'pattern.finished' => null, 'choices.take' => ['waist' => 'leave']], false],
]);

test('in the other schools what is left over is taken, little of it in the seam, a quarter inch in all not at all', function (float $body, string $take): void {
    expect(waistOf(['body.waist' => $body])->taken->take?->value)->toBe($take);
})->with([[74, 'leave'], [74.635, 'leave'], [74.64, 'sew'], [73.365, 'leave'], [73.36, 'sew'], [72.73, 'sew'], [75.27, 'sew'], [75.28, 'in_line'], [72.72, 'in_line']]);

test('what was decided by hand holds, and moves line and garment', function (string $take, float $change, float $asCut): void {
    $waist = waistOf(['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => $take]]);
    expect($waist->change->front)->toEqual(cm($change))
        ->and($waist->change->back)->toEqual(cm($change))
        ->and($waist->asCut)->toEqual(cm($asCut));
})->with([['in_line', -0.5, 77], ['sew', 0, 77], ['leave', 0, 79]]);

test('the centre back takes its own amount, also where the rest is left', function (string $take, float $change, float $asCut): void {
    $waist = waistOf([
        'body.waist' => 72,
        'choices.sizes' => ['waist' => '12'],
        'choices.take' => ['waist' => $take],
        'choices.centre_back' => ['waist' => 1.2],
    ]);
    expect($waist->taken->perEdge)->toEqual(cm(0.2))
        ->and($waist->change->front)->toEqual(cm($change))
        ->and($waist->asCut)->toEqual(cm($asCut));
})->with([['in_line', -0.2, 77], ['leave', 0, 77.8]]);

test('the centre back takes no more than there is, and not the other way', function (float $amount, array $changes): void {
    expect(
        fn () => planOf([
            ...['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => $amount]],
            ...$changes,
        ]),
    )
        ->toThrow(Unplannable::class);
})->with([
    [2.1, []], [-0.5, []], [0.5, ['body.waist' => 74]], 'at a free level' => [
        0.5,
        ['pattern.levels.waist' => 'free', 'choices.sizes' => (object) []],
    ],
]);

test('and just what there is it may take', function (): void {
    $waist = waistOf(['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => 2]]);
    expect($waist->taken->perEdge)->toEqual(cm(0))->and($waist->asCut)->toEqual(cm(77))->and($waist->change->isNone())->toBeTrue();
});

test('what a fitting found is added at its side, also at a free level', function (): void {
    $waist = waistOf(['pattern.levels.waist' => 'free', 'choices.by_hand' => ['waist' => ['front' => 0.4, 'back' => -0.1]]]);
    expect($waist->change->front)->toEqual(cm(0.4))
        ->and($waist->change->back)->toEqual(cm(-0.1))
        ->and($waist->asCut)->toEqual(cm(79 + 0.8 - 0.2))
        ->and([$waist->taken->leftOver, $waist->taken->take, $waist->wished])->toBe([null, null, null]);
});

test('a clip on a free level tells what is left over and leaves it; taken by hand it is like the others', function (): void {
    $waist = waistOf(['pattern.levels.waist' => 'free', 'choices.sizes' => ['waist' => '14']]);
    expect($waist->taken->leftOver)->toEqual(cm(4))->and($waist->taken->take?->value)->toBe('leave')->and($waist->follows)->toBeFalse();
    $taken = waistOf(['pattern.levels.waist' => 'free', 'choices.sizes' => ['waist' => '14'], 'choices.take' => ['waist' => 'in_line']]);
    expect($taken->taken->take?->value)->toBe('in_line')->and($taken->isFree)->toBeFalse();
});

test('what is sewn out of the seam allowance has to leave something to hold', function (float $body, bool $said): void {
    $plan = planOf([
        'body.waist' => $body,
        'choices.sizes' => ['waist' => '12'],
        'choices.take' => ['waist' => 'sew'],
        'pattern.seam.seam_allowance' => 1.5,
    ]);
    expect(in_array('beyond_allowance waist', cautionsOf($plan), true))->toBe($said);
})->with([[77.6, false], [77.61, true], [66, false]]);

test('a line that moves more than 4 cm at an edge is said', function (float $hand, bool $said): void {
    $plan = planOf(['choices.by_hand' => ['hip' => ['back' => $hand]]]);
    expect(in_array('change_far hip', cautionsOf($plan), true))->toBe($said);
})->with([[4, false], [4.01, true], [-4.01, true]]);

test('the change runs from level to level as the shape says, and below the hip it stays', function (): void {
    $plan = planOf(['choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1]], 'choices.station_every' => 5]);
    $changes = array_map(
        static fn ($station): array => [$station->depth->nanometres / 1e7, $station->change->nanometres / 1e7],
        $plan->stations(),
    );
    expect($changes)->toEqual([
        [0, 0],
        [5, 0.15625],
        [10, 0.5],
        [15, 0.84375],
        [20, 1],
        [25, 0.84375],
        [30, 0.5],
        [35, 0.15625],
        [40, 0],
        [45, 0],
        [50, 0],
        [55, 0],
        [60, 0],
        [65, 0],
        [70, 0],
        [75, 0],
        [80, 0],
    ]);
    $straight = planOf([
        'choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1]],
        'choices.station_every' => 5,
        'choices.blend' => 'straight',
    ]);
    expect($straight->stations()[1]->change)->toEqual(cm(0.25));
});

test('sizes differ on paper between other edges than those that share what is left over', function (): void {
    $plan = planOf([
        'choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '14'],
        'choices.take' => ['hip' => 'leave'],
        'pattern.seam.edges' => ['waist' => 8],
        'pattern.seam.nest_edges' => ['waist' => 2],
    ]);
    $waist = array_values(array_filter($plan->stations(), static fn ($station): bool => $station->level === 'waist'))[0];
    expect($waist->blend)->toEqual(cm(2))->and($waist->change)->toEqual(cm(-0.5))->and($waist->move)->toEqual(cm(1.5));
});

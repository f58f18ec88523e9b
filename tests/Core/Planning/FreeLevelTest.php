<?php

declare(strict_types=1);

use Underbolt\Pattern\Level;

use function Tests\Core\cautionsOf;
use function Tests\Core\planOf;

$size = static fn ($plan, Level $level): string => $plan->nameOf($plan->at($level)->size);

test('a free level takes the size of the nearest level that is not, the upper first', function (array $weights, string $free, string $takes) use ($size): void {
    // Alone: bust 12, waist 14, hip 16.
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107], 'pattern.levels' => $weights]);
    expect($size($plan, Level::from($free)))->toBe($takes);
})->with([
    'hip from waist' => [['hip' => 'free'], 'hip', '14'],
    'waist from bust' => [['waist' => 'free'], 'waist', '12'],
    'bust from waist' => [['bust' => 'free'], 'bust', '14'],
    'hip from bust where the waist is free too' => [['waist' => 'free', 'hip' => 'free'], 'hip', '12'],
    'waist from hip where the bust is free too' => [['bust' => 'free', 'waist' => 'free'], 'waist', '16'],
    'its own where all are free' => [['bust' => 'free', 'waist' => 'free', 'hip' => 'free'], 'hip', '16'],
]);

test('a free level raises no caution, with a clip it does', function () use ($size): void {
    $big = ['body.hip' => 130, 'pattern.levels.hip' => 'free'];
    $clipped = planOf($big + ['choices.sizes' => ['hip' => '18']]);
    expect(cautionsOf(planOf($big)))->toBe([])
        ->and(cautionsOf($clipped))->toBe(['above_range hip', 'step_avoid hip', 'change_far hip', 'steep_blend'])
        ->and($size($clipped, Level::Hip))->toBe('18');
});

test('a free level follows the clip of its leader', function () use ($size): void {
    $plan = planOf(['pattern.levels.hip' => 'free', 'choices.sizes' => ['waist' => '16']]);
    expect($size($plan, Level::Hip))->toBe('16');
});

test('a free level does not follow a level that is not measured', function () use ($size): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'hip' => 107], 'pattern.levels.hip' => 'free']);
    expect($size($plan, Level::Hip))->toBe('12');
});

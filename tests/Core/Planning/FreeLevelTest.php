<?php

declare(strict_types=1);

use Underbolt\Altering\Take;
use Underbolt\Pattern\Charts\Level;

use function Tests\Core\cautionsOf;
use function Tests\Core\planOf;

$size = static fn ($plan, Level $level): string => $plan->nameOf($plan->at($level)->size);

test('a free waist or hip takes the size of the nearest level that is not, the upper first; a free bust keeps its own', function (array $weights, string $free, string $takes) use ($size): void {
    // Alone: bust 12, waist 14, hip 16.
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107], 'pattern.levels' => $weights]);
    expect($size($plan, Level::from($free)))->toBe($takes);
})->with([
    'hip from waist' => [['hip' => 'free'], 'hip', '14'],
    'waist from bust' => [['waist' => 'free'], 'waist', '12'],
    'bust from nobody' => [['bust' => 'free'], 'bust', '12'],
    'hip from bust where the waist is free too' => [['waist' => 'free', 'hip' => 'free'], 'hip', '12'],
    'waist from hip where the bust is free too' => [['bust' => 'free', 'waist' => 'free'], 'waist', '16'],
    'its own where all are free' => [['bust' => 'free', 'waist' => 'free', 'hip' => 'free'], 'hip', '16'],
]);

test('a free level raises no caution, clipped or not, until something is taken there by hand', function () use ($size): void {
    $big = ['body.hip' => 130, 'pattern.levels.hip' => 'free'];
    $clipped = planOf($big + ['choices.sizes' => ['hip' => '18']]);
    expect(cautionsOf(planOf($big)))->toBe([])
        // The sizes lie far apart all the same.
        ->and(cautionsOf($clipped))->toBe(['step_avoid hip'])
        ->and($size($clipped, Level::Hip))->toBe('18')
        ->and(cautionsOf(planOf($big + ['choices.sizes' => ['hip' => '18'], 'choices.take' => ['hip' => 'in_line']])))->toContain('above_range hip', 'change_far hip')
        ->and(cautionsOf(planOf($big + ['choices.take' => ['hip' => 'in_line']])))->toContain('above_range hip');
});

test('a clip alone on a free level tells what is left over, and changes nothing', function (): void {
    $taken = static fn (array $choices) => planOf(['body.hip' => 107, 'pattern.levels.hip' => 'free'] + $choices)->at(Level::Hip)->taken;
    $clipped = $taken(['choices.sizes' => ['hip' => '18']]);
    expect($clipped->leftOver?->isZero())->toBeFalse()->and($clipped->take)->toBe(Take::Leave)->and($clipped->all->isZero())->toBeTrue()
        ->and($taken([])->leftOver)->toBeNull()
        ->and($taken(['choices.take' => ['hip' => 'in_line']])->take)->toBe(Take::InLine);
});

test('a free level follows the clip of its leader', function () use ($size): void {
    $plan = planOf(['pattern.levels.hip' => 'free', 'choices.sizes' => ['waist' => '16']]);
    expect($size($plan, Level::Hip))->toBe('16');
});

test('a free level does not follow a level that is not measured', function () use ($size): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'hip' => 107], 'pattern.levels.hip' => 'free']);
    expect($size($plan, Level::Hip))->toBe('12');
});

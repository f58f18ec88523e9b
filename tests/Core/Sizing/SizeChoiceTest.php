<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

test('the three schools can take three sizes for one waist', function (): void {
    $size = static fn (array $choices): string => ($plan = planOf([
        'body.waist' => 75.5, 'choices' => $choices + ['ease' => 'chart'],
    ]))->nameOf($plan->at(Level::Waist)->size);

    expect($size(['between' => 'up']))->toBe('14')
        ->and($size(['between' => 'down']))->toBe('12')
        ->and($size(['ease' => 'drafted']))->toBe('12')
        ->and($size(['ease' => 'liked', 'liked_ease' => ['waist' => 1], 'least_ease' => ['waist' => 0]]))->toBe('12')
        ->and($size(['ease' => 'liked', 'liked_ease' => ['waist' => 10]]))->toBe('16');
});

test('intended fit breaks a tie by the between rule', function (string $rule, string $size): void {
    $plan = planOf(['body.waist' => 76, 'choices' => ['between' => $rule]]);
    expect($plan->nameOf($plan->at(Level::Waist)->size))->toBe($size);
})->with([['up', '14'], ['down', '12'], ['nearest', '14']]);

test('liked ease never goes below the least ease while a size leaves it', function (): void {
    $plan = planOf(['choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 0], 'least_ease' => ['waist' => 6]]]);
    expect($plan->nameOf($plan->at(Level::Waist)->size))->toBe('14')
        // What is liked is less than the least: taking in stops there.
        ->and($plan->at(Level::Waist)->easeAsCut)->toEqual(cm(6))
        ->and(cautionsOf($plan))->not->toContain('under_least_ease waist');
});

test('where no size leaves the least ease the largest is taken, and said', function (): void {
    $plan = planOf(['body.waist' => 91, 'choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 3]]]);
    expect($plan->nameOf($plan->at(Level::Waist)->size))->toBe('18')
        ->and(cautionsOf($plan))->toContain('under_least_ease waist');
});

test('of two finished sizes as near to the wish the larger is taken', function (): void {
    // Wished 74 + 7 = 81: size 12 is 79, size 14 is 83.
    $plan = planOf(['choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 7]]]);
    expect($plan->nameOf($plan->at(Level::Waist)->size))->toBe('14');
});

test('without a finished row or a liked ease the pattern\'s own ease is kept, and said', function (array $changes, string $caution): void {
    $plan = planOf([...['choices' => ['ease' => 'liked', 'liked_ease' => ['bust' => 8, 'waist' => 5, 'hip' => 7]]], ...$changes]);
    $waist = $plan->at(Level::Waist);
    expect($plan->nameOf($waist->size))->toBe('12')
        ->and($waist->taken->leftOver)->toEqual(cm(0))
        ->and(cautionsOf($plan))->toBe([$caution]);
})->with([
    'no finished row' => [['pattern.finished.waist' => null], 'no_finished waist'],
    'no liked ease' => [['choices.liked_ease' => ['bust' => 8, 'hip' => 7]], 'no_liked_ease waist'],
]);

test('a size with no printed figure is no candidate', function (): void {
    $plan = planOf(['pattern.body_chart.waist' => [66, 70, null, 78, 82, 87]]);
    expect($plan->nameOf($plan->at(Level::Waist)->size))->toBe('14');
});

test('under liked ease a size without a finished figure is no candidate, one without a chart figure is', function (): void {
    $liked = ['ease' => 'liked', 'liked_ease' => ['waist' => 5]];
    $unfinished = planOf(['pattern.finished.waist' => [71, 75, null, 83, 87, 92], 'choices' => $liked]);
    $uncharted = planOf(['pattern.body_chart.waist' => [66, 70, null, 78, 82, 87], 'choices' => $liked]);
    expect($unfinished->nameOf($unfinished->at(Level::Waist)->size))->toBe('14')
        ->and($uncharted->nameOf($uncharted->at(Level::Waist)->size))->toBe('12')
        ->and($uncharted->at(Level::Waist)->draftedEase)->toBeNull();
});

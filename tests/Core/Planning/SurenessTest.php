<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Pattern\Level;
use Underbolt\Sizing\Sure;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

covers(Sure::class);

/** Sizes change at 76 and at 80: between, the one in the middle. */
$steps = static fn (float $measure): callable => static fn (Length $moved): int => match (true) {
    cm($measure)->plus($moved)->isLessThan(cm(76)) => 0,
    cm($measure)->plus($moved)->isLessThan(cm(80)) => 1,
    default => 2,
};

test('the margin to the next decision is held against the spread of the readings', function (float $measure, float $spread, string $sure) use ($steps): void {
    expect(Sure::of(cm($spread), $steps($measure), 1)->value)->toBe($sure);
})->with([
    [78, 2, 'firm'], [78, 2.1, 'near the edge'], [79.5, 0.5, 'firm'], [79.6, 0.5, 'near the edge'], [79.75, 0.5, 'near the edge'],
    [79.8, 0.5, 'measure again'], [76, 0.5, 'measure again'], [76.3, 0.5, 'near the edge'], [78, 4, 'near the edge'], [78, 4.2, 'measure again'],
]);

/** @return array<string, string> */
function sureOf(array $changes): array
{
    return array_map(static fn ($level): string => $level->sure->value, planOf($changes)->levels);
}

test('each level asks the measure that decides it', function (): void {
    // Waist sizes change half way between 74 and 78; readings that agree count half a centimetre.
    expect(sureOf(['body.waist' => 74]))->toBe(['bust' => 'firm', 'waist' => 'firm', 'hip' => 'firm'])
        ->and(sureOf(['body.waist' => 75.6])['waist'])->toBe('near the edge')
        ->and(sureOf(['body.waist' => 75.9])['waist'])->toBe('measure again')
        ->and(sureOf(['body.waist' => 75.9, 'choices.sizes' => ['waist' => '12']])['waist'])->toBe('firm')
        ->and(sureOf(['body.hip' => 95, 'body.thigh_level' => 100.9])['hip'])->toBe('measure again')
        ->and(sureOf(['body.high_bust' => 86.85, 'choices.lead' => 'high_bust'])['bust'])->toBe('measure again')
        ->and(sureOf(['body.high_bust' => 84, 'choices.lead' => 'high_bust'])['bust'])->toBe('firm');
});

test('readings that disagree widen the doubt', function (): void {
    $file = static fn (array $tries): array => ['body.waist' => null, 'readings' => ['waist' => $tries]];
    expect(sureOf($file([75, 75.2, 75.1]))['waist'])->toBe('firm')
        ->and(sureOf($file([74.4, 75.1, 75.8]))['waist'])->toBe('near the edge')
        ->and(sureOf($file([73.6, 75.1, 76.6]))['waist'])->toBe('measure again')
        ->and(planOf($file([74, 76, 75]))->at(Level::Waist)->facts->body)->toEqual(cm(75));
});

test('a size on the edge is said, unless the level is free', function (): void {
    expect(cautionsOf(planOf(['body.waist' => 75.9])))->toContain('measure_again waist')
        ->and(cautionsOf(planOf(['body.waist' => 75.9, 'pattern.levels.waist' => 'free'])))->not->toContain('measure_again waist');
});

test('what the planner picks is asked of the planner', function (): void {
    $best = ['choices.pick' => 'best', 'body' => ['full_bust' => 95.5, 'waist' => 84.5, 'hip' => 103.5]];
    $plan = planOf($best);
    $moved = planOf(['body' => ['full_bust' => 95.5, 'waist' => 84.5 + 0.49, 'hip' => 103.5]] + $best);
    expect($plan->levels['waist']->sure === Sure::Firm)->toBe($plan->sizes['waist'] === $moved->sizes['waist'] && $plan->sizes['waist'] === planOf(['body' => ['full_bust' => 95.5, 'waist' => 84.5 - 0.49, 'hip' => 103.5]] + $best)->sizes['waist']);
});

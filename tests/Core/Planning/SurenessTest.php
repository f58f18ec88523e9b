<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
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
    expect(Sure::of(cm($spread), $steps($measure), 1, false)->value)->toBe($sure);
})->with([
    [78, 2, 'firm'], [78, 2.1, 'near the edge'], [79.5, 0.5, 'firm'], [79.6, 0.5, 'near the edge'], [79.75, 0.5, 'near the edge'],
    [
        79.8,
        0.5,
        'measure again',
    ], [76, 0.5, 'measure again'], [76.3, 0.5, 'near the edge'], [78, 4, 'near the edge'], [78, 4.2, 'measure again'],
]);

/** @return array<string, string> */
function sureOf(array $changes): array
{
    return array_map(static fn ($level): string => $level->sureness->sure->value, planOf($changes)->levels);
}

test('each level asks the measure that decides it', function (): void {
    // Waist sizes change half way between 74 and 78; readings that agree count half a centimetre.
    expect(sureOf(['body.waist' => 74]))->toBe(['bust' => 'firm', 'waist' => 'firm', 'hip' => 'firm'])
        ->and(sureOf(['body.waist' => 75.6])['waist'])->toBe('near the edge')
        ->and(sureOf(['body.waist' => 75.9])['waist'])->toBe('measure again')
        ->and(sureOf(['body.waist' => 75.9, 'choices.sizes' => ['waist' => '12']])['waist'])->toBe('by_hand')
        ->and(sureOf(['body.hip' => 95, 'body.thigh_level' => 100.9])['hip'])->toBe('measure again')
        // 91.93 is looked up and stands on the chart's 92: good news, no reason to measure again.
        ->and(sureOf(['body.high_bust' => 86.85, 'choices.lead' => 'high_bust'])['bust'])->toBe('near the edge')
        ->and(sureOf(['body.high_bust' => 87.1, 'choices.lead' => 'high_bust'])['bust'])->toBe('measure again')
        ->and(sureOf(['body.high_bust' => 84, 'choices.lead' => 'high_bust'])['bust'])->toBe('firm');
});

test('readings that disagree widen the doubt', function (): void {
    $file = static fn (array $tries): array => ['body.waist' => null, 'readings' => ['waist' => $tries]];
    // The smallest waist counts, and sizes change at 76.
    expect(sureOf($file([75, 75.2, 75.1]))['waist'])->toBe('firm')
        ->and(sureOf($file([75.1, 76, 75.8]))['waist'])->toBe('firm')
        ->and(sureOf($file([75.1, 76.3, 75.8]))['waist'])->toBe('near the edge')
        ->and(sureOf($file([75.1, 77.1, 75.8]))['waist'])->toBe('measure again');
});

// Source of the 0.3 cm and of half a centimetre without a hand: judgement, no published source.
test('a steady hand is believed nearer to an edge, a hand that scatters is asked to measure again', function (?float $hand, float $waist, string $sure): void {
    $changes = ['body.waist' => $waist] + ($hand === null ? [] : ['body.hand' => ['waist' => $hand]]);
    expect(sureOf($changes)['waist'])->toBe($sure);
})->with([
    // Waist sizes change half way between 74 and 78.
    [null, 75.6, 'near the edge'], [0.4, 75.6, 'firm'], [0.1, 75.69, 'firm'], [0.1, 75.75, 'near the edge'], [1.2, 75.0, 'near the edge'], [2.4, 75.0, 'measure again'],
]);

test('a hand counts at the point it practised, and readings that lie farther apart count all the same', function (): void {
    expect(sureOf(['body.waist' => 75.0, 'body.hand' => ['hip' => 3]]))->toMatchArray(['waist' => 'firm'])
        ->and(sureOf(['body.waist' => null, 'readings' => ['waist' => [75.1, 77.1, 75.8]], 'body.hand' => ['waist' => 0.3]])['waist'])->toBe('measure again');
});

test('a size on the edge is said, unless the level is free', function (): void {
    expect(cautionsOf(planOf(['body.waist' => 75.9])))->toContain('measure_again waist')
        ->and(cautionsOf(planOf(['body.waist' => 75.9, 'pattern.levels.waist' => 'free'])))->not->toContain('measure_again waist');
});

test('the word is about the level\'s own pick, whatever the planner took', function (): void {
    $plan = planOf(['choices.pick' => 'best', 'body' => ['full_bust' => 95.5, 'waist' => 84.4, 'hip' => 103.5]]);
    $waist = $plan->levels['waist'];
    expect([
        $plan->nameOf($waist->size),
        $plan->nameOf($waist->facts->own),
        $waist->sureness->sure->value,
        $waist->sureness->point->value,
    ])->toBe(['16', '16', 'measure again', 'waist'])
        ->and(sureOf(['choices.pick' => 'best', 'body' => ['full_bust' => 95.5, 'waist' => 82, 'hip' => 103.5]])['waist'])->toBe('firm');
});

test('a measure on a figure is never worse than near the edge, in whatever school', function (): void {
    $liked = ['choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 5], 'least_ease' => ['waist' => 4.9]]];
    expect(sureOf(['choices.ease' => 'chart', 'body.waist' => 74.1])['waist'])->toBe('near the edge')
        ->and(sureOf(['choices.ease' => 'chart', 'body.waist' => 74.3])['waist'])->toBe('measure again')
        ->and(sureOf(['body.waist' => 74] + $liked)['waist'])->toBe('near the edge');
    // Just what is liked, on no figure of the chart, and on the edge of the least ease.
    $between = ['choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 4], 'least_ease' => ['waist' => 3.9]]];
    expect(sureOf(['body.waist' => 75] + $between)['waist'])->toBe('near the edge')
        ->and(sureOf(['body.waist' => 75.3] + $between)['waist'])->toBe('measure again');
});

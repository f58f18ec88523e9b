<?php

declare(strict_types=1);

use Underbolt\Advice\Opinion;
use Underbolt\Advice\Opinions;
use Underbolt\Advice\School;
use Underbolt\Planning\Plan;

use function Tests\Core\planOf;

/** @return array<string, ?string> size by school */
function saidAt(Plan $plan, string $level): array
{
    $said = [];
    foreach (Opinions::of($plan)[$level] as $opinion) {
        $said[$opinion->school->value] = $opinion->size === null ? null : $plan->nameOf($opinion->size);
    }

    return $said;
}

test('every school has its say at every level', function (): void {
    $plan = planOf(['body.waist' => 75, 'choices' => ['liked_ease' => ['waist' => 9]]]);
    expect(saidAt($plan, 'waist'))->toBe([
        'chart_up' => '14',
        'chart_down' => '12',
        'chart_nearest' => '12',
        'drafted' => '12',
        'liked' => '14',
        'quarters' => '16',
    ])
        ->and(saidAt($plan, 'bust'))->toBe([
            'chart_up' => '12',
            'chart_down' => '12',
            'chart_nearest' => '12',
            'drafted' => '12',
            'liked' => null,
            'quarters' => '12',
        ])
        ->and(Opinions::agreeOn(Opinions::of($plan)['waist'], 2))->toBeFalse()
        ->and(Opinions::agreeOn(Opinions::of($plan)['bust'], 2))->toBeTrue()
        // All schools name 12, but 14 is cut: then they don't agree with it.
        ->and(Opinions::agreeOn(Opinions::of($plan)['bust'], 3))->toBeFalse();
});

test('what the half girths suggest is an opinion too: where it is another size, not all say the same', function (): void {
    $schools = array_map(static fn (School $school): Opinion => new Opinion($school, 2, ''), [School::ChartUp, School::Drafted]);
    expect(Opinions::agreeOn([...$schools, new Opinion(School::FrontLarger, 3, '')], 2))->toBeFalse()
        ->and(Opinions::agreeOn([...$schools, new Opinion(School::FrontLarger, 2, '')], 2))->toBeTrue()
        ->and(Opinions::agreeOn([...$schools, new Opinion(School::Liked, null, '')], 2))->toBeTrue();
});

test('a school that can\'t tell says why', function (): void {
    $plan = planOf(['pattern.finished.waist' => null, 'choices' => ['liked_ease' => ['waist' => 9, 'hip' => 60]]]);
    $why = static fn (string $level, string $school): string => array_values(
        array_filter(Opinions::of($plan)[$level], static fn (Opinion $one): bool => $one->school->value === $school),
    )[0]->why;
    expect($why('waist', 'liked'))->toContain('No finished figures')
        ->and($why('waist', 'quarters'))->toContain('No finished figures')
        ->and($why('bust', 'liked'))->toContain('No liked ease')
        ->and($why('hip', 'quarters'))->toContain('no size is as wide')
        ->and(saidAt($plan, 'hip')['quarters'])->toBeNull();
});

test('each reason has the figures in it', function (): void {
    $plan = planOf(['body.waist' => 75, 'choices' => ['liked_ease' => ['waist' => 9]]]);
    expect(array_map(static fn (Opinion $one): string => $one->why, Opinions::of($plan)['waist']))->toBe([
        '75 cm lies between 12 (74 cm) and 14 (78 cm); the printed figure is the most the size is meant for, so go up.',
        '75 cm lies between 12 (74 cm) and 14 (78 cm); the ease carries the difference, so go down.',
        '75 cm lies between 12 (74 cm) and 14 (78 cm); 12 is nearer.',
        'The pattern\'s own ease is 5 cm; 12 comes nearest to keeping it: 1 cm too little.',
        '75 cm and 9 cm of ease make 84 cm; 14 finishes at 83 cm.',
        'A quarter of 84 cm is 21 cm; 16 is the first line beyond it, at 21.75 cm.',
    ]);
});

test('outside the chart and on it, the reason says so', function (float $waist, string $why): void {
    expect(Opinions::of(planOf(['body.waist' => $waist]))['waist'][0]->why)->toBe($why);
})->with([
    [74, '74 cm is the chart\'s 12 (74 cm).'],
    [60, '60 cm is below the smallest, 8 (66 cm).'], [99, '99 cm is above the largest, 18 (87 cm).'],
]);

test('a free level keeps its own pick among the opinions', function (): void {
    $plan = planOf(['body.hip' => 112, 'pattern.levels.hip' => 'free']);
    expect($plan->nameOf($plan->sizes->hip))->toBe('12')->and(saidAt($plan, 'hip')['chart_up'])->toBe('18');
});

test('the half girths suggest a front or a back a size larger, and never choose it', function (float $half, ?string $said): void {
    $plan = planOf(['body.half_full_bust' => $half]);
    $opinion = array_values(
        array_filter(Opinions::of($plan)['bust'], static fn (Opinion $one): bool => $one->school->value === 'front_larger'),
    )[0] ?? null;
    expect($opinion?->why)->{$said === null ? 'toBeNull' : 'toContain'}(...$said === null ? [] : [$said])
        ->and($plan->backStations())->toBeNull();
})->with([[48, 'cut the front one size larger'], [47.9, null], [44, 'cut the back one size larger'], [44.1, null], [46, null]]);

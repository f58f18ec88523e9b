<?php

declare(strict_types=1);

use Underbolt\Altering\Sleeve;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

$arm = static fn (array $changes): ?Sleeve => planOf([
    ...['body.bicep' => 31, 'pattern.body_chart.bicep' => [26, 27, 28, 29, 30, 31]],
    ...$changes,
])->sleeve;

test('the sleeve is that of the bust, and lacks what the arm has more than the chart', function () use ($arm): void {
    $sleeve = $arm([]);
    expect([
        $sleeve->size,
        $sleeve->chartValue,
        $sleeve->need,
        $sleeve->perEdge,
        $sleeve->finished,
    ])->toEqual([2, cm(28), cm(3), cm(1.5), null])
        ->and($arm(['choices.sizes' => ['bust' => '18']])->need)->toEqual(cm(0))
        ->and($arm(['choices.sizes' => ['bust' => '18']])->perEdge)->toEqual(cm(0));
});

test('with room to spare nothing is let out', function () use ($arm): void {
    expect($arm(['body.bicep' => 25])->need)->toEqual(cm(-3))->and($arm(['body.bicep' => 25])->perEdge)->toEqual(cm(0));
});

test('without a chart figure a woven needs 3 cm in the finished sleeve, a knit none', function () use ($arm): void {
    $finished = ['pattern.body_chart.bicep' => null, 'pattern.finished.bicep' => [30, 31, 32, 33, 34, 35]];
    expect($arm($finished)->need)->toEqual(cm(2))->and($arm($finished)->ease)->toEqual(cm(1))
        ->and($arm($finished + ['pattern.fabric' => ['kind' => 'knit']])->need)->toEqual(cm(-1));
});

test('an arm that is not measured, or not printed, is no sleeve', function () use ($arm): void {
    expect($arm(['body.bicep' => null]))->toBeNull()->and($arm(['pattern.body_chart.bicep' => null]))->toBeNull()
        ->and($arm(['pattern.garment' => 'skirt']))->toBeNull()
        ->and($arm(['pattern.body_chart.bicep' => [26, 27, null, 29, 30, 31]])->need)->toBeNull();
});

test('too narrow a sleeve is said, and is a step of its own', function (): void {
    $plan = planOf(['body.bicep' => 31, 'pattern.body_chart.bicep' => [26, 27, 28, 29, 30, 31]]);
    expect(cautionsOf($plan))->toContain('sleeve_narrow')
        ->and(stepsOf($plan)['sleeve-width']->text())->toContain(
            'Let the sleeve out at the upper arm: 1.5 cm at each of its two edges.',
        )
        ->and(
            cautionsOf(planOf(['body.bicep' => 28, 'pattern.body_chart.bicep' => [26, 27, 28, 29, 30, 31]])),
        )->not->toContain('sleeve_narrow');
});

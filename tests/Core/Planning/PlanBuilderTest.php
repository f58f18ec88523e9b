<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\DrawnHow;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

test('thighs wider than the hip are what has to pass', function (): void {
    expect(planOf(['body.thigh_level' => 104])->at(Level::Hip)->facts->body)->toEqual(cm(104))
        ->and(planOf(['body.thigh_level' => 90])->at(Level::Hip)->facts->body)->toEqual(cm(99));
});

test('a level without a chart row is absent, one without a measure is open and lies on the line like the one above', function (): void {
    $plan = planOf(['pattern.body_chart.hip' => [null, null, null, null, null, null], 'body.waist' => null]);
    expect(array_keys($plan->levels))->toBe(['bust', 'waist'])
        ->and($plan->levels['waist'])->toBeNull()
        ->and($plan->steps['bust_waist']?->sizes)->toBe(0)->and($plan->steps['waist_hip'])->toBeNull()
        ->and($plan->unmeasured['waist']->size)->toBe($plan->sizes->bust)->and($plan->unmeasured['waist']->how)->toBe(DrawnHow::LikeAbove);
});

test('a bust that is not measured is left open and said; one that was chosen to lead is asked for', function (): void {
    $plan = planOf(['body.full_bust' => null]);
    expect($plan->levels['bust'])->toBeNull()->and(cautionsOf($plan))->toContain('not_measured bust')
        ->and(
            fn () => planOf(['body.full_bust' => null, 'choices.lead' => 'full_bust']),
        )->toThrow(Unplannable::class, 'the full bust is not on the card');
});

test('a make with no level left is refused', function (): void {
    expect(fn () => planOf(['pattern.body_chart' => ['waist' => [66, 70, 74, 78, 82, 87]], 'body.waist' => null]))
        ->toThrow(Unplannable::class, 'no level is both on the chart and on the card');
});

test('a clip on the bust becomes the frame', function (): void {
    $plan = planOf(['choices.sizes' => ['bust' => '16'], 'choices.adjust_bust' => true]);
    expect($plan->nameOf($plan->frame->size))->toBe('16');
});

test('lengths are compared with the paper, null where a figure is missing', function (): void {
    $lengths = planOf(['body.underarm_to_waist' => 18.5, 'body.waist_to_hip' => 21, 'body.waist_to_hem' => 62])->lengths;
    expect([$lengths->aboveWaist, $lengths->belowWaist, $lengths->hem])->toEqual([cm(-1.5), cm(1), cm(62 + 3 - 21 - 40)]);

    $unknown = planOf(['body.waist_to_hem' => 62, 'pattern.seam.hem_allowance' => null])->lengths;
    expect([$unknown->aboveWaist, $unknown->belowWaist, $unknown->hem])->toBe([null, null, null]);
});

test('shoulder to waist serves where underarm to waist is not known', function (): void {
    $plan = planOf(['body.shoulder_to_waist' => 43, 'pattern.seam.shoulder_to_waist' => 41]);
    expect($plan->lengths->aboveWaist)->toEqual(cm(2))
        ->and(fn () => planOf(['body.shoulder_to_waist' => 20, 'pattern.seam.shoulder_to_waist' => 41]))
        ->toThrow(Unplannable::class, 'waist above the underarm');
});

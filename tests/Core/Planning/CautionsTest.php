<?php

declare(strict_types=1);

use function Tests\Core\cautionsOf;
use function Tests\Core\planOf;

$envelopes = [
    ['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'one'],
    ['name' => 'large', 'sizes' => ['14', '16', '18'], 'draft' => 'one', 'owned' => false],
];

test('each trap is said at its level', function (array $changes, array $cautions): void {
    expect(cautionsOf(planOf($changes)))->toBe($cautions);
})->with([
    'nothing to say' => [[], []],
    'too small for the chart' => [['body.full_bust' => 80], ['below_range bust', 'step_care waist']],
    'too large for the chart' => [['body.hip' => 120], ['above_range hip', 'under_least_ease hip', 'step_avoid hip', 'steep_blend']],
    'not measured' => [['body.waist' => null], ['not_measured waist']],
    'an envelope not owned' => [['body.waist' => 78, 'pattern.ranges' => $envelopes], ['range_not_owned waist']],
    'two sizes' => [['body.waist' => 82, 'body.hip' => 107], ['step_care waist']],
    'two sizes allowed' => [['body.waist' => 82, 'body.hip' => 107, 'choices.largest_step' => 2], []],
    'one size not allowed is no caution' => [['body.waist' => 78, 'body.hip' => 103, 'choices.largest_step' => 0], []],
    'three sizes' => [['body.waist' => 87, 'body.hip' => 112], ['step_avoid waist']],
]);

test('a measure outside these sizes but inside another draft is sent there', function (): void {
    $drafts = [['name' => 'misses', 'sizes' => ['8', '10', '12']], ['name' => 'womens', 'sizes' => ['14', '16', '18']]];
    $plan = planOf(['body.hip' => 107, 'pattern.ranges' => $drafts, 'choices.range' => 'misses']);
    expect(cautionsOf($plan))->toBe(['above_range hip', 'other_range_fits hip', 'under_least_ease hip'])
        ->and($plan->cautions[1]->text)->toContain('womens');
});

test('a caution about ease gives its figures in the unit of the make', function (): void {
    $text = planOf(['choices.sizes' => ['waist' => '10']])->cautions[0]->text;
    expect($text)->toContain('Size 10 leaves 1 cm')->and($text)->toContain('2.5 cm is the least');
});

<?php

declare(strict_types=1);

use Underbolt\Planning\Asked\Unplannable;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\inches;
use function Tests\Core\planOf;

/** @return array<string, mixed> full bust 100, high bust 86: cup E or F on a draft for B */
function fullBody(array $more = []): array
{
    return ['body.full_bust' => 100, 'body.high_bust' => 86] + $more;
}

$name = static fn ($plan): ?string => $plan->frame->size === null ? null : $plan->nameOf($plan->frame->size);

test('each lead looks up its own measure', function (array $changes, string $size, ?float $looked) use ($name): void {
    $plan = planOf(fullBody($changes));
    expect($name($plan))->toBe($size)->and($plan->frame->measure)->toEqual($looked === null ? null : cm($looked));
})->with([
    'full bust, adjusted' => [['choices.lead' => 'full_bust', 'choices.adjust_bust' => true], '16', 100],
    'high bust in its row' => [['choices.lead' => 'high_bust', 'pattern.body_chart.high_bust' => [79, 83, 87, 91, 95, 100]], '12', 86],
    'high bust and the drafted B' => [['choices.lead' => 'high_bust'], '12', 91.08],
    'high bust and a drafted D' => [
        [
            'choices.lead' => 'high_bust',
            'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'drafted_cup' => 'D']],
        ],
        '16',
        96.16,
    ],
    'high bust and an unknown cup' => [
        [
            'choices.lead' => 'high_bust',
            'pattern.ranges' => [['name' => 'all', 'sizes' => ['8', '10', '12', '14', '16', '18'], 'drafted_cup' => 'ample']],
        ],
        '12',
        91.08,
    ],
    'high bust as it is' => [['choices.lead' => 'high_bust_as_is'], '10', 86],
    'front width' => [
        ['choices.lead' => 'cross_front', 'body.cross_front' => 33.2, 'pattern.body_chart.cross_front' => [31, 32, 33, 34, 35, 36]],
        '14',
        33.2,
    ],
    'a clip on the bust is the frame' => [['choices.lead' => 'high_bust', 'choices.sizes' => ['bust' => '14']], '14', 91.08],
]);

test('left to itself the lead is the sensible one, with its reason', function (array $changes, string $lead, string $why): void {
    $plan = planOf($changes);
    expect($plan->frame->lead->value)->toBe($lead)->and($plan->frame->why)->toContain($why);
})->with([
    'no high bust' => [[], 'full_bust', 'Without a cup'],
    'the drafted cup' => [['body.high_bust' => 87], 'full_bust', 'near enough'],
    'one letter more' => [['body.high_bust' => 84.5], 'full_bust', 'near enough'],
    'two letters more' => [['body.high_bust' => 81.5], 'high_bust', 'more than one letter'],
    'two letters less' => [['body.high_bust' => 92], 'high_bust', 'more than one letter'],
    'one letter more, and a high-bust row' => [
        ['body.high_bust' => 84.5, 'pattern.body_chart.high_bust' => [79, 83, 87, 91, 95, 100]],
        'high_bust',
        'a letter from the B',
    ],
    'the drafted cup, and a high-bust row' => [
        ['body.high_bust' => 87, 'pattern.body_chart.high_bust' => [79, 83, 87, 91, 95, 100]],
        'full_bust',
        'near enough',
    ],
    'a front width, measured and printed' => [
        ['body.high_bust' => 81.5, 'body.cross_front' => 33, 'pattern.body_chart.cross_front' => [31, 32, 33, 34, 35, 36]],
        'cross_front',
        'front width',
    ],
    'a front width, not printed' => [['body.cross_front' => 33], 'full_bust', 'Without a cup'],
    'no full bust' => [['body.full_bust' => null, 'body.high_bust' => 84], 'high_bust', 'The full bust is not measured'],
    'no bust at all' => [['body.full_bust' => null], 'full_bust', 'not measured'],
    'pieces by cup' => [['body.high_bust' => 81.5, 'pattern.pieces' => [['name' => 'front', 'cups' => ['C', 'D']]]], 'cup', 'drawn by cup'],
    'chosen' => [['body.high_bust' => 81.5, 'choices.lead' => 'full_bust'], 'full_bust', 'You chose'],
]);

test('the bust adjustment is what the full bust needs beyond the frame', function (): void {
    $plan = planOf(fullBody(['choices.lead' => 'high_bust']));
    expect($plan->bust->kind->value)->toBe('full')
        ->and($plan->bust->total)->toEqual(cm(8))
        ->and($plan->bust->perEdge())->toEqual(cm(2))
        ->and($plan->bust->perFrontHalf())->toEqual(cm(4))
        ->and($plan->bust->method->value)->toBe('slash')
        ->and($plan->levels['bust']->taken->leftOver)->toEqual(cm(0))
        ->and($plan->levels['bust']->facts->chartSize->size)->toBe(4);
});

test('neither the full bust nor the cup is ever adjusted for', function (string $lead): void {
    expect(planOf(['body.full_bust' => 94.9, 'body.high_bust' => 90, 'choices.lead' => $lead])->bust->kind->value)->toBe('none');
})->with(['full_bust', 'cup']);

test('under half an inch nothing is adjusted; the method goes by the fullness', function (string $full, string $chart, ?string $high, string $kind, ?string $method): void {
    $row = ['20 in', $chart.' in', '60 in'];
    $bust = planOf([
        'body' => ['full_bust' => $full.' in', 'high_bust' => $high === null ? null : $high.' in', 'cross_front' => 33],
        'choices' => ['lead' => 'cross_front'], 'pattern.sizes' => ['S', 'M', 'L'], 'pattern.finished' => null,
        'pattern.body_chart' => ['full_bust' => $row, 'cross_front' => [30, 33, 36]],
    ])->bust;
    expect($bust->kind->value)->toBe($kind)->and($bust->method?->value)->toBe($method)
        ->and($bust->total)->toEqual($kind === 'none' ? cm(0) : inches($full)->minus(inches($chart)));
})->with([
    ['40', '39 33/64', '38', 'none', null], ['40', '39 1/2', '38', 'full', 'pivot'], ['39 1/2', '40', '38', 'small', 'pivot'],
    ['40', '38', '36', 'full', 'pivot'],
    ['40', '38', '35 63/64', 'full', 'slash'], ['40', '38', null, 'full', 'pivot'], ['40', '40', '36', 'none', null],
]);

test('pivoting more than four centimetres widens the back as well; an adjustment moves the bust point', function (): void {
    $pivot = ['body.high_bust' => 91, 'body.full_bust' => 100, 'choices.lead' => 'high_bust_as_is'];
    expect(cautionsOf(planOf($pivot)))->toContain('pivot_widens_back bust', 'bust_point_moves bust')
        ->and(cautionsOf(planOf(['body.full_bust' => 95.9] + $pivot)))->not->toContain('pivot_widens_back bust')
        ->and(
            cautionsOf(planOf(fullBody(['choices.lead' => 'high_bust']))),
        )->toContain('bust_point_moves bust')->not->toContain('pivot_widens_back bust')
        ->and(cautionsOf(planOf([])))->not->toContain('bust_point_moves bust');
});

test('what the lead needs and the card lacks is named', function (array $changes, string $field): void {
    try {
        planOf($changes);
    } catch (Unplannable $refusal) {
        expect($refusal->faults()[0]->field)->toBe($field);

        return;
    }
    $this->fail('a plan was made');
})->with([
    [['body.full_bust' => null, 'choices.lead' => 'full_bust'], 'body.full_bust'],
    [['choices.lead' => 'high_bust'], 'body.high_bust'],
    [['choices.lead' => 'cup'], 'body.high_bust'],
    [['choices.lead' => 'cup', 'pattern.cups' => ['measure' => 'front_half_difference']], 'body.half_full_bust'],
    [['choices.lead' => 'cross_front', 'body.cross_front' => 33], 'choices.lead'],
    [['choices.lead' => 'cross_front', 'pattern.body_chart.cross_front' => [31, 32, 33, 34, 35, 36]], 'body.cross_front'],
]);

test('a frame led by the high bust stands without a full bust: the bust is left open', function () use ($name): void {
    $plan = planOf(['body.full_bust' => null, 'body.high_bust' => 86, 'choices.lead' => 'high_bust']);
    expect($name($plan))->toBe('12')
        ->and($name($plan))->toBe($plan->nameOf($plan->levels['bust']->size))
        ->and($plan->levels['bust']->taken->leftOver)->toBeNull()
        ->and($plan->levels['bust']->asCut)->toEqual(cm(100))
        ->and($plan->bust)->toBeNull()
        ->and($plan->steps['bust_waist']->sizes)->toBe(0)
        ->and(cautionsOf($plan))->toContain('not_measured bust', 'bust_not_measured bust');
});

test('a skirt needs no bust to lead', function () use ($name): void {
    $plan = planOf(['pattern.garment' => 'skirt', 'choices.lead' => 'high_bust', 'body.full_bust' => null]);
    expect($name($plan))->toBeNull()->and($plan->bust->kind->value)->toBe('none');
});

test('a frame outside its own row is said, once', function (): void {
    $small = ['body.full_bust' => 92, 'body.high_bust' => 76, 'choices.lead' => 'high_bust_as_is'];
    expect(
        array_filter(cautionsOf(planOf($small)), static fn (string $one): bool => str_contains($one, 'range')),
    )->toBe(['below_range bust'])
        ->and(
            array_filter(
                cautionsOf(planOf(['body.full_bust' => 110, 'body.high_bust' => 109, 'choices.lead' => 'high_bust_as_is'])),
                static fn (string $one): bool => str_contains($one, 'above_range'),
            ),
        )->toHaveCount(1);
});

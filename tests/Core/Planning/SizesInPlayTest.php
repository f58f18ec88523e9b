<?php

declare(strict_types=1);

use Underbolt\Planning\Asked\Unplannable;

use function Tests\Core\cautionsOf;
use function Tests\Core\planOf;

$drafts = ['pattern.ranges' => [
    ['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'small'],
    ['name' => 'large', 'sizes' => ['14', '16'], 'draft' => 'large'],
    ['name' => 'larger', 'sizes' => ['18'], 'draft' => 'large'],
]];

test('without a choice the draft that holds the measure that leads is in play, then the most levels', function (array $body, string $draft) use ($drafts): void {
    expect(planOf(['body' => $body] + $drafts)->inPlay->draft)->toBe($draft);
})->with([
    [['full_bust' => 88, 'waist' => 70, 'hip' => 105], 'small'],
    'the bust leads, whatever waist and hip' => [['full_bust' => 88, 'waist' => 80, 'hip' => 105], 'small'],
    'the bust in neither: the most levels' => [['full_bust' => 94, 'waist' => 80, 'hip' => 105], 'large'],
    'as many in each: the first' => [['full_bust' => 88, 'waist' => 80], 'small'],
    'standing on the end figure is held' => [['full_bust' => 105.1, 'waist' => 70, 'hip' => 112.1], 'large'],
]);

test('each draft reads the body by its own cup rule and its own cup rows', function (): void {
    // By the first envelope's rule the difference of 6 cm is a B, by the second's a D, whose row holds 117 though no general row does.
    $make = [
        'pattern.ranges' => [['name' => 'small', 'sizes' => ['8', '10', '12', '14'], 'draft' => 'small'], ['name' => 'large', 'sizes' => ['16', '18'], 'draft' => 'large']],
        'pattern.cups' => [
            'measure' => 'high_bust_difference', 'table' => [['cup' => 'B', 'from' => 4, 'to' => 8]],
            'by_range' => ['large' => ['measure' => 'high_bust_difference', 'table' => [['cup' => 'D', 'from' => 4, 'to' => 8]]]],
            'body_chart' => ['B' => [84, 88, 92, 96, 100, 105], 'D' => [90, 94, 98, 102, 112, 117]],
        ],
        'body' => ['full_bust' => 117, 'high_bust' => 111, 'waist' => 74, 'hip' => 99],
    ];
    $plan = planOf($make);
    expect($plan->inPlay->draft)->toBe('large')->and($plan->cup->letter)->toBe('D')->and($plan->nameOf($plan->sizes->bust))->toBe('18')
        ->and(cautionsOf(planOf($make + ['choices.range' => 'small'])))->toContain('other_range_fits bust');
});

test('envelopes that name no draft are one as long as they are drafted for one cup', function (): void {
    $sizes = static fn (?string $cup): array => planOf(['pattern.ranges' => [
        ['name' => 'small', 'sizes' => ['8', '10', '12'], 'drafted_cup' => 'B'], [
            'name' => 'large',
            'sizes' => ['14', '16', '18'],
            'drafted_cup' => $cup,
        ],
    ]])->inPlay->sizes;
    expect($sizes('B'))->toBe([0, 1, 2, 3, 4, 5])->and($sizes(null))->toBe([0, 1, 2, 3, 4, 5])->and($sizes('D'))->toBe([0, 1, 2]);
});

test('envelopes of one draft are in play together', function () use ($drafts): void {
    expect(planOf($drafts + ['choices.range' => 'larger'])->inPlay->sizes)->toBe([3, 4, 5]);
});

test('a range or a clip that is not there is refused', function (array $changes, string $field) use ($drafts): void {
    try {
        planOf($drafts + $changes);
        $this->fail('not refused');
    } catch (Unplannable $refused) {
        expect($refused->faults()[0]->field)->toBe($field);
    }
})->with([
    [['choices.range' => 'huge'], 'choices.range'],
    [['choices' => ['range' => 'small', 'sizes' => ['hip' => '18']]], 'choices.sizes.hip'],
]);

test('a row needs to rise over the sizes in play alone', function () use ($drafts): void {
    $overlapping = $drafts + ['pattern.body_chart.waist' => [66, 70, 74, 72, 76, 80]];
    expect(planOf($overlapping + ['choices.range' => 'large'])->inPlay->draft)->toBe('large')
        ->and(fn () => planOf(['pattern.body_chart.waist' => [66, 70, 74, 72, 76, 80]]))
        ->toThrow(Unplannable::class, 'size 14 must be larger');
});

<?php

declare(strict_types=1);

use Underbolt\Planning\Asked\Unplannable;

use function Tests\Core\planOf;

$drafts = ['pattern.ranges' => [
    ['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'small'],
    ['name' => 'large', 'sizes' => ['14', '16'], 'draft' => 'large'],
    ['name' => 'larger', 'sizes' => ['18'], 'draft' => 'large'],
]];

test('without a choice the draft that holds the most measured levels is in play', function (array $body, string $draft) use ($drafts): void {
    expect(planOf(['body' => $body] + $drafts)->inPlay->draft)->toBe($draft);
})->with([
    [['full_bust' => 88, 'waist' => 70, 'hip' => 105], 'small'],
    [['full_bust' => 88, 'waist' => 80, 'hip' => 105], 'large'],
    'as many in each: the first' => [['full_bust' => 88, 'waist' => 80], 'small'],
    'standing on the end figure is held' => [['full_bust' => 105.1, 'waist' => 70, 'hip' => 112.1], 'large'],
]);

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

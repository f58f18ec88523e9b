<?php

declare(strict_types=1);

use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Plan;

use function Tests\Core\planOf;

/** @return array<string, string> sizes by name, from the top down */
function waysOf(Plan $plan): array
{
    $ways = [];
    foreach ($plan->alternatives() as $way) {
        $ways[$way->name->value] = implode(' ', array_map($plan->nameOf(...), $way->sizes->known()));
    }

    return $ways;
}

function wayOf(Plan $plan, string $name): ?Alternative
{
    return array_values(array_filter($plan->alternatives(), static fn (Alternative $way): bool => $way->name->value === $name))[0] ?? null;
}

/** A roomy garment by the chart: below the bust the finished figures have much to spare. */
$roomy = [
    'choices.ease' => 'chart',
    'body' => ['full_bust' => 88, 'waist' => 79, 'hip' => 106],
    'pattern.finished' => [
        'full_bust' => [92, 96, 100, 104, 108, 113],
        'waist' => [90, 94, 98, 102, 106, 110],
        'hip' => [110, 114, 118, 122, 126, 130],
    ],
];

test('by the finished garment the bust keeps its size and below it there has to be room', function () use ($roomy): void {
    expect(waysOf(planOf($roomy))['by_finished'])->toBe('10 10 10')
        ->and(waysOf(planOf(['body.hip' => 112] + $roomy)))->toHaveKey('by_finished')
        // A liked ease asks for more room than the least does.
        ->and(waysOf(planOf($roomy + ['choices.liked_ease' => ['hip' => 14]]))['by_finished'])->toBe('10 10 14');
});

test('where no finished size has room the largest is taken, and a level without figures keeps its own', function () use ($roomy): void {
    $plan = planOf(
        [
            'body' => ['full_bust' => 88, 'waist' => 109, 'hip' => 106],
            'pattern.finished' => ['full_bust' => [92, 96, 100, 104, 108, 113], 'waist' => [90, 94, 98, 102, 106, 110]],
        ] + $roomy,
    );
    expect(waysOf($plan)['by_finished'] ?? waysOf($plan)['closest'])->toStartWith('10 18');
});

test('it is left out where nothing below the bust has finished figures, or it says nothing new', function () use ($roomy): void {
    expect(waysOf(planOf(['pattern.finished' => ['full_bust' => [92, 96, 100, 104, 108, 113]]] + $roomy)))->not->toHaveKey('by_finished')
        ->and(waysOf(planOf([])))->not->toHaveKey('by_finished');
});

test('without a bust that counts the waist is the anchor, and a free bust keeps its own pick', function () use ($roomy): void {
    $wide = [...$roomy, 'body' => ['full_bust' => 88, 'waist' => 79, 'hip' => 111]];
    expect(
        waysOf(planOf($wide + ['pattern.levels' => ['bust' => 'free', 'waist' => 'matters', 'hip' => 'matters']]))['by_finished'],
    )->toBe('10 16 16')
        ->and(waysOf(planOf($wide + ['pattern.garment' => 'skirt']))['by_finished'])->toBe('16 16');
});

/** Bust and waist three sizes apart. */
$apart = [
    'choices' => ['ease' => 'chart', 'pick' => 'best'],
    'body' => ['full_bust' => 88, 'waist' => 82, 'hip' => 107],
    'pattern.finished' => null,
];

test('brought nearer, the bust stands beside the waist and is adjusted', function () use ($apart): void {
    $plan = planOf($apart);
    $nearer = wayOf($plan, 'nearer');
    expect(waysOf($plan))->toMatchArray(['best' => '10 16 16', 'nearer' => '14 16 16'])
        ->and($nearer?->adjustsBust)->toBeTrue()
        // 8 cm off the bust: 2 and 4, and one easy step.
        ->and($nearer?->cost)->toBe(7.0);
});

test('taken, its sizes are clipped and the bust is adjusted to its frame', function () use ($apart): void {
    $plan = planOf(
        ['choices' => ['ease' => 'chart', 'sizes' => ['bust' => '14', 'waist' => '16', 'hip' => '16'], 'adjust_bust' => true]] + $apart,
    );
    expect($plan->bust->total->nanometres)->toBe(-80_000_000)->and($plan->nameOf($plan->frame->size))->toBe('14')
        ->and($plan->nameOf($plan->levels['bust']->facts->own))->toBe('10');
});

test('it is offered only where the full bust leads and the step is too wide', function (array $changes) use ($apart): void {
    expect(wayOf(planOf([...$apart, ...$changes]), 'nearer'))->toBeNull();
})->with([
    'near enough' => [[
        'body' => ['full_bust' => 88, 'waist' => 74, 'hip' => 107],
    ]], 'wide steps are fine' => [['choices' => ['ease' => 'chart', 'largest_step' => 3]]],
    'the frame is looked up' => [['choices' => ['ease' => 'chart', 'adjust_bust' => true]]],
    'another measure leads' => [[
        'body' => ['full_bust' => 88, 'high_bust' => 80, 'waist' => 82, 'hip' => 107],
        'choices' => ['ease' => 'chart', 'lead' => 'high_bust'],
    ]],
]);

test('one size is left out where the frame lacks more than four inches', function (float $hip, bool $there): void {
    $plan = planOf([
        'body' => ['full_bust' => 97, 'high_bust' => 87, 'waist' => 74, 'hip' => $hip],
        'choices' => ['lead' => 'high_bust', 'ease' => 'drafted'],
        'pattern.body_chart.high_bust' => [79, 83, 87, 91, 95, 100],
    ]);
    expect(array_key_exists('one_size', waysOf($plan)))->toBe($there);
})->with([[109.16, true], [109.17, false]]);

test('cut in one size, all is the largest that a level which counts asks for', function (): void {
    $plan = planOf([
        'pattern.cut_as' => 'one_size',
        'choices' => ['ease' => 'chart', 'pick' => null],
        'body' => ['full_bust' => 88, 'waist' => 86, 'hip' => 103],
        'pattern.levels' => ['bust' => 'matters', 'waist' => 'free', 'hip' => 'matters'],
    ]);
    expect(array_map($plan->nameOf(...), $plan->sizes->known()))->toBe(['bust' => '14', 'waist' => '14', 'hip' => '14'])
        ->and($plan->levels['bust']->why)->toBe('All is cut in one size, the bust too; suggested: 10.')
        ->and($plan->levels['waist']->why)->toContain('The waist hangs free and takes the size of the bust')
        ->and($plan->levels['hip']->why)->toBeNull();
});

<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Weight;
use Underbolt\Planning\Asked\CostWeights;
use Underbolt\Planning\Choosing\AlternativeName;
use Underbolt\Planning\Choosing\Receipt;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Planning\Choosing\Why;
use Underbolt\Planning\Choosing\WhyNot;

use function Tests\Core\planOf;

covers(Why::class, WhyNot::class, Receipt::class, CostWeights::class);

/** @param  array<string, mixed>  $changes */
function whyAt(string $level, array $changes): ?string
{
    return planOf($changes)->levels[$level]->why;
}

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, string> by the name of the size
 */
function whyNotAt(string $level, array $changes): array
{
    $plan = planOf($changes);
    $answers = WhyNot::at($plan->levels[$level]->facts, $plan->situation, $plan->sizes);

    return array_combine(array_map($plan->nameOf(...), array_keys($answers)), $answers);
}

/**
 * @param  array<string, mixed>  $changes
 * @return list<string> each line with what it costs
 */
function receiptOf(AlternativeName $name, array $changes): array
{
    $ways = array_filter(planOf($changes)->alternatives(), static fn ($way): bool => $way->name === $name);

    return array_map(static fn (ReceiptLine $line): string => "{$line->what} = {$line->cost}", array_values($ways)[0]->receipt ?? []);
}

/** Fit against work: a waist that is two sizes larger than what is beside it. */
const WIDE_WAIST = ['choices.pick' => 'best', 'body' => ['full_bust' => 95.5, 'waist' => 84.4, 'hip' => 103.5]];

/** A bust of 97 over a high bust that asks for 12. */
const LOOKED_UP = [
    'body' => ['full_bust' => 97, 'high_bust' => 87, 'waist' => 74, 'hip' => 99],
    'choices' => ['lead' => 'high_bust', 'pick' => 'best', 'ease' => 'drafted'],
    'pattern.body_chart.high_bust' => [79, 83, 87, 91, 95, 100],
];

test('a level cut in its own pick needs no reason', function (): void {
    expect(whyAt('waist', WIDE_WAIST))->toBeNull();
});

test('a clip, a free level and one size say who chose', function (string $level, array $changes, string $why): void {
    expect(whyAt($level, $changes))->toBe($why);
})->with([
    'set by hand' => ['waist', ['choices.sizes' => ['waist' => '18']], 'You set 18 at the waist; suggested: 12.'],
    'free, beside a clip' => [
        'hip',
        ['choices.sizes' => ['waist' => '18'], 'pattern.levels.hip' => 'free'],
        'The hip hangs free and takes the size of the waist; suggested: 12.',
    ],
    'free, and set by hand' => [
        'hip',
        ['choices.sizes' => ['hip' => '18'], 'pattern.levels.hip' => 'free'],
        'You set 18 at the hip; suggested: 12.',
    ],
    'free, between two' => [
        'waist',
        ['choices.pick' => 'best', 'body' => ['full_bust' => 84, 'waist' => 66, 'hip' => 99], 'pattern.levels.waist' => 'free'],
        'The waist hangs free, so only the steps beside it count; suggested: 8.',
    ],
    'cut in one size' => [
        'bust',
        ['choices.pick' => 'one_size', 'body.waist' => 78],
        'All is cut in one size, the bust too; suggested: 12.',
    ],
]);

test('where the planner went another way, it says what outweighed what', function (string $level, array $changes, string $why): void {
    expect(whyAt($level, $changes))->toBe($why);
})->with([
    // Half way between two sizes: too little counts twice in a woven.
    'fit' => [
        'waist',
        ['choices' => ['pick' => 'best', 'ease' => 'drafted', 'between' => 'down'], 'body.waist' => 76, 'body.hip' => 103],
        'Weighed in centimetres, 2 cm too much counts less than 2 cm too little, so 14 is suggested; by the waist alone it would be 12.',
    ],
    'a step' => [
        'hip',
        ['choices' => ['pick' => 'best', 'ease' => 'drafted'], 'body.hip' => 96.5],
        '2.5 cm too much counts no more than the step it saves, so 12 is suggested; by the hip alone it would be 10.',
    ],
    'too small to move in' => [
        'waist',
        ['choices' => ['pick' => 'best', 'ease' => 'drafted', 'least_ease' => ['waist' => 4]], 'body.waist' => 75.5, 'pattern.finished.waist' => [70, 74, 78, 82, 86, 91]],
        '12 is too small to move in, 78 cm finished on 75.5 cm, so 14 is suggested; by the waist alone it would be 12.',
    ],
    'a quarter of an inch' => [
        'hip',
        ['choices' => ['pick' => 'best', 'ease' => 'chart'], 'body.hip' => 99.6],
        '12 lacks 0.6 cm, less than anybody alters, and saves work, so 12 is suggested; by the hip alone it would be 14.',
    ],
    'room that is known' => [
        'waist',
        ['choices' => ['pick' => 'best', 'ease' => 'chart', 'between' => 'nearest', 'weights' => ['steps' => [0, 3, 6]]], 'body.waist' => 76.2, 'body.hip' => 99, 'pattern.finished.waist' => [74, 78, 82, 86, 90, 95]],
        'The finished garment has room for this body in 12, and that saves work, so 12 is suggested; by the waist alone it would be 14.',
    ],
    'nothing but fewer sizes' => [
        'hip',
        [
            'choices' => ['pick' => 'best', 'ease' => 'drafted', 'between' => 'down', 'weights' => ['steps' => [0, 0, 0]]],
            'body' => ['full_bust' => 96, 'waist' => 78, 'hip' => 101],
            'pattern.fabric' => ['kind' => 'knit'],
        ],
        'Both fit alike, so 14 is suggested; by the hip alone it would be 12.',
    ],
]);

test('of two that fit alike and step alike the level takes its own pick', function (): void {
    // No 14 is printed at the hip: 12 and 16 lie as far from the waist's 14.
    $skirt = [
        'body' => ['waist' => 78, 'hip' => 103],
        'pattern.garment' => 'skirt',
        'pattern.fabric' => ['kind' => 'knit'],
        'pattern.body_chart' => ['waist' => [66, 70, 74, 78, 82, 87], 'hip' => [91, 95, 99, null, 107, 112]],
        'choices.pick' => 'best',
    ];
    expect(whyAt('hip', $skirt))->toBeNull()->and(planOf($skirt)->nameOf(planOf($skirt)->sizes->hip))->toBe('16');
});

test('"why not?" answers for every size: what is left over, what it lacks, what it costs', function (): void {
    expect(whyNotAt('waist', WIDE_WAIST))->toBe([
        '8' => '8 has 18.4 cm too little; too small to move in by 14.65 cm; fit and work together it costs 81.2 more.',
        '10' => '10 has 14.4 cm too little; too small to move in by 10.65 cm; fit and work together it costs 54.4 more.',
        '12' => '12 has 10.4 cm too little; too small to move in by 6.65 cm; fit and work together it costs 33.6 more.',
        '14' => '14 has 6.4 cm too little; too small to move in by 2.65 cm; fit and work together it costs 14.8 more.',
        '16' => '16 has 2.4 cm too little; it is the one that is cut.',
        '18' => '18 has 2.6 cm too much; fit and work together it costs 1.64 more.',
    ]);
});

test('"why not?" knows a size without a figure, one that costs the same, and one that costs less', function (): void {
    expect(
        whyNotAt('waist', ['pattern.body_chart.waist' => [66, 70, 74, null, 82, 87]])['14'],
    )->toBe('14 has no figure printed here, so nothing tells how it fits.')
        ->and(
            whyNotAt(
                'hip',
                ['choices' => ['ease' => 'liked', 'pick' => 'best', 'liked_ease' => ['bust' => 6, 'waist' => 4, 'hip' => 9]]],
            )['14'],
        )->toBe('14 has 2 cm too much; it is the one that is cut.')
        ->and(
            whyNotAt('waist', ['choices.sizes' => ['waist' => '18']])['12'],
        )->toBe('12 fits as it is; fit and work together it costs 42.6 less.')
        ->and(whyNotAt('waist', ['pattern.finished.waist' => [null, 75, 79, 83, 87, 92]])['8'])->toBe(
            '8 has 8 cm too little; it is smaller than what the level asks for; fit and work together it costs 35.6 more.',
        );
});

test('where the frame is looked up, every other size is spoken against by the measure that leads', function (): void {
    $answers = whyNotAt('bust', LOOKED_UP);
    expect($answers['12'])->toBe('12 fits with a bust adjustment of 5 cm; it is the one that is cut.')
        // 97 less 88 is 9 cm: 2 and 4.5 against 2 and 2.5, and a step of one size.
        ->and($answers['10'])->toBe(
            '10 fits with a bust adjustment of 9 cm; the high bust asks for 12; fit and work together it costs 3 more.',
        )
        // Under half an inch no bust is adjusted.
        ->and($answers['14'])->toBe('14 has 1 cm too little; the high bust asks for 12; fit and work together it costs 3.3 less.');
});

test('what a size lacks counts the bust adjustment that goes with it', function (): void {
    $plan = planOf(LOOKED_UP);
    $bust = $plan->levels['bust']->facts;
    // 100 finished and 5 added, of a body of 97 with 2.5 cm of ease that is not refused.
    expect($bust->lacks($plan->sizes->bust)?->nanometres)->toBe(-55_000_000)
        ->and(planOf(['pattern.finished' => null])->levels['waist']->facts->lacks(2))->toBeNull();
    // A garment that has just what is needed is not too small: 79 finished on 74, with 5 asked for.
    $waist = planOf(['choices.least_ease' => ['waist' => 5]])->levels['waist']->facts;
    expect($waist->lacks(2)?->isZero())->toBeTrue()->and($waist->isTooSmall(2))->toBeFalse()->and($waist->isTooSmall(1))->toBeTrue();
});

test('a receipt names each level, each step and the bust adjustment', function (): void {
    expect(receiptOf(AlternativeName::Best, WIDE_WAIST))->toBe([
        'bust in 14: 0.5 cm too much, must fit = 0.1', 'waist in 16: 2.4 cm too little, must fit = 6.08',
        'hip in 14: 0.5 cm too little = 0.05',
        'bust to waist: a step of one size = 1', 'waist to hip: a step of one size = 1',
    ])->and(receiptOf(AlternativeName::Closest, WIDE_WAIST))->toBe([
        'bust in 14: 0.5 cm too much, must fit = 0.1', 'waist in 18: 2.6 cm too much, must fit = 3.72',
        'hip in 14: 0.5 cm too little = 0.05',
        'bust to waist: a step of 2 sizes = 3', 'waist to hip: a step of 2 sizes = 3',
    ])->and(receiptOf(AlternativeName::Best, LOOKED_UP))->toBe([
        'bust in 12: as wished, must fit = 0', 'waist in 12: as wished, must fit = 0', 'hip in 12: as wished = 0',
        'bust to waist: no step = 0', 'waist to hip: no step = 0', 'a bust adjustment of 5 cm = 4.5',
    ]);
});

test('brought nearer, the bust is adjusted instead of weighed', function (): void {
    $changes = ['choices.pick' => 'best', 'body' => ['full_bust' => 92, 'waist' => 86, 'hip' => 99], 'pattern.levels.hip' => 'free'];
    expect(receiptOf(AlternativeName::Nearer, $changes))->toBe([
        'bust in 16: adjusted = 0', 'waist in 18: 1 cm too much, must fit = 0.2', 'hip in 18: 13 cm too much, needn\'t fit = 0',
        'bust to waist: a step of one size = 1', 'waist to hip: no step = 0', 'a bust adjustment of 8 cm = 6',
    ]);
});

test('what counts: weights, steps and adjustments as rules.md gives them', function (): void {
    $usual = new CostWeights;
    expect(array_map($usual->of(...), Weight::cases()))->toBe([2.0, 1.0, 0.0])
        ->and(array_map($usual->step(...), [0, 1, 2, 3, 4, 6]))->toBe([0.0, 1.0, 3.0, 8.0, 13.0, 23.0])
        ->and([$usual->adjustment(5), $usual->adjustment(-5)])->toBe([4.5, 4.5])
        ->and([$usual->slackCm, $usual->worse, $usual->everyCm])->toBe([1.0, 2.0, 0.1])
        ->and((new CostWeights(work: 2.0))->step(2))->toBe(6.0)
        ->and((new CostWeights(work: 2.0))->adjustment(2))->toBe(6.0);
});

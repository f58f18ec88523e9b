<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Cups\CupRange;
use Underbolt\Pattern\Cups\CupRule;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\CupRow;

use function Tests\Core\cm;
use function Tests\Core\planOf;

test('where a figure is not printed nothing is known to be left over', function (): void {
    $chart = planOf(['pattern.body_chart.waist' => [66, 70, null, 78, 82, 87], 'choices.sizes' => ['waist' => '12']])->levels['waist'];
    $liked = planOf([
        'pattern.finished.waist' => [71, 75, null, 83, 87, 92],
        'choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 5], 'sizes' => ['waist' => '12']],
    ])->levels['waist'];
    foreach ([$chart, $liked] as $level) {
        expect([$level->taken->leftOver, $level->taken->perEdge, $level->taken->take, $level->wished])->toBe([null, null, null, null])
            ->and($level->change->isNone())->toBeTrue();
    }
});

test('a bust adjustment is added whichever school counts; under liked ease it is what the finished bust lacks', function (): void {
    $plan = static fn (array $choices): Plan => planOf([
        'body.full_bust' => 100,
        'body.high_bust' => 86,
        'choices' => ['lead' => 'high_bust'] + $choices,
    ]);
    $liked = static fn (float $ease): Plan => $plan(['ease' => 'liked', 'liked_ease' => ['bust' => $ease]]);
    expect($plan([])->levels['bust']->taken->leftOver)->toEqual(Length::zero())->and($plan([])->levels['bust']->wished)->toEqual(cm(108))
        ->and($plan([])->bust->total)->toEqual(cm(8))
        // 12 is finished at 100: 6 cm of ease are wished for and added.
        ->and($liked(6)->bust->total)->toEqual(cm(6))->and($liked(6)->levels['bust']->taken->leftOver)->toEqual(cm(0))
        // Less ease than the frame has is no adjustment but something left over.
        ->and($liked(-3)->bust->kind->value)->toBe('none')->and($liked(-3)->levels['bust']->taken->leftOver)->toEqual(cm(3))
        ->and($liked(1)->bust->kind->value)->toBe('none')->and($liked(1)->levels['bust']->taken->leftOver)->toEqual(cm(-1));
});

test('of two ends as near, letters not known give way', function (): void {
    $rule = static fn (string $first, string $second): CupRule => new CupRule(
        CupMeasure::HighBustDifference,
        [new CupRange($first, cm(0), cm(2)), new CupRange($second, cm(4), cm(6))],
    );
    $letter = static fn (CupRule $rule): string => Cup::of(
        new Underbolt\Measure\Body(['high_bust' => cm(90), 'full_bust' => cm(93)]),
        $rule,
    )->letter;
    expect($letter($rule('A', 'B')))->toBe('B')
        ->and($letter($rule('B', 'A')))->toBe('B')
        ->and($letter($rule('AA', 'odd')))->toBe('AA')
        ->and($letter($rule('odd', 'AA')))->toBe('AA')
        ->and(CupRow::nearest('odd', ['A', 'C']))->toBe('A')->and(CupRow::nearest('B', ['odd', 'D']))->toBe('D');
});

test('the rule of thumb is never outside a table', function (): void {
    $cup = Cup::of(new Underbolt\Measure\Body(['high_bust' => cm(90), 'full_bust' => cm(130)]), null);
    expect($cup->outside)->toBeFalse()->and($cup->letter)->toBe('K')
        ->and($cup->lettersAbove('B'))->toBe(9)->and($cup->lettersAbove('odd'))->toBeNull();
});

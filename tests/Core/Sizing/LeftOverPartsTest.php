<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Pattern\CupMeasure;
use Underbolt\Pattern\CupRange;
use Underbolt\Pattern\CupRule;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\CupRow;

use function Tests\Core\cm;
use function Tests\Core\planOf;

test('where a figure is not printed nothing is left over, adjusted or not', function (): void {
    $chart = planOf(['pattern.body_chart.waist' => [66, 70, null, 78, 82, 87], 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => 1]])->levels['waist']->leftOver;
    $liked = planOf(['pattern.finished.waist' => [71, 75, null, 83, 87, 92], 'choices' => ['ease' => 'liked', 'liked_ease' => ['waist' => 5], 'sizes' => ['waist' => '12']]])->levels['waist'];
    expect($chart->total)->toBeNull()->and($chart->perEdge)->toBeNull()->and($chart->sewInAllowance())->toBeFalse()
        ->and($liked->leftOver->total)->toEqual(cm(0));
});

test('a bust adjustment is added whichever school counts', function (): void {
    $bust = static fn (array $choices): mixed => planOf(['body.full_bust' => 100, 'body.high_bust' => 86, 'choices' => ['lead' => 'high_bust'] + $choices])->levels['bust']->leftOver;
    expect($bust([])->total)->toEqual(Length::zero())->and($bust([])->wished)->toEqual(cm(108))
        ->and($bust(['ease' => 'liked', 'liked_ease' => ['bust' => 6]])->total)->toEqual(cm(2))
        ->and($bust(['ease' => 'liked', 'liked_ease' => ['bust' => 6]])->wished)->toEqual(cm(106));
});

test('of two ends as near, letters not known give way', function (): void {
    $rule = static fn (string $first, string $second): CupRule => new CupRule(CupMeasure::HighBustDifference, [new CupRange($first, cm(0), cm(2)), new CupRange($second, cm(4), cm(6))]);
    $letter = static fn (CupRule $rule): string => Cup::of(new Underbolt\Measure\Body(['high_bust' => cm(90), 'full_bust' => cm(93)]), $rule)->letter;
    expect($letter($rule('A', 'B')))->toBe('B')->and($letter($rule('B', 'A')))->toBe('B')->and($letter($rule('AA', 'odd')))->toBe('AA')->and($letter($rule('odd', 'AA')))->toBe('AA')
        ->and(CupRow::nearest('odd', ['A', 'C']))->toBe('A')->and(CupRow::nearest('B', ['odd', 'D']))->toBe('D');
});

test('the rule of thumb is never outside a table', function (): void {
    $cup = Cup::of(new Underbolt\Measure\Body(['high_bust' => cm(90), 'full_bust' => cm(130)]), null);
    expect($cup->outside)->toBeFalse()->and($cup->letter)->toBe('K')
        ->and($cup->lettersAbove('B'))->toBe(9)->and($cup->lettersAbove('odd'))->toBeNull();
});

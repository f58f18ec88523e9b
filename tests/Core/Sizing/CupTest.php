<?php

declare(strict_types=1);

use Underbolt\Measure\Body;
use Underbolt\Pattern\CupMeasure;
use Underbolt\Pattern\CupRange;
use Underbolt\Pattern\CupRule;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\CupRow;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

/** A to D, 2.5 cm each from 0 on. */
function cupRule(CupMeasure $measure = CupMeasure::HighBustDifference): CupRule
{
    return new CupRule($measure, [
        new CupRange('A', cm(0), cm(2.5)), new CupRange('B', cm(2.5), cm(5)), new CupRange('C', cm(6), cm(8.5)), new CupRange('D', cm(8.5), cm(11)),
    ]);
}

function bodyOf(float $difference): Body
{
    return new Body(['high_bust' => cm(90), 'full_bust' => cm(90 + $difference)]);
}

test('a table counts up to a difference, not with it', function (float $difference, string $letter, bool $outside): void {
    $cup = Cup::of(bodyOf($difference), cupRule());
    expect($cup->letter)->toBe($letter)->and($cup->outside)->toBe($outside)->and($cup->source->value)->toBe('pattern');
})->with([
    [0, 'A', false], [2.49, 'A', false], [2.5, 'B', false], [4.99, 'B', false], [8.5, 'D', false],
    // Outside all: the nearest end, and of two as near the larger cup.
    [-3, 'A', true], [5.2, 'B', true], [5.5, 'C', true], [5.9, 'C', true], [11, 'D', true], [14, 'D', true],
]);

test('the front halves give the cup where the pattern reads them', function (): void {
    $body = new Body(['high_bust' => cm(80), 'full_bust' => cm(98), 'half_full_bust' => cm(52), 'half_underbust' => cm(45)]);
    expect(Cup::of($body, cupRule(CupMeasure::FrontHalfDifference))->letter)->toBe('C')
        ->and(Cup::of($body, cupRule())->letter)->toBe('D')
        ->and(Cup::of($body, new CupRule(CupMeasure::FrontHalfDifference, [])))->toBeNull()
        ->and(Cup::of($body, new CupRule(CupMeasure::HighBustDifference, []))->source->value)->toBe('rule of thumb')
        ->and(Cup::of(bodyOf(5), cupRule(CupMeasure::FrontHalfDifference)))->toBeNull();
});

test('a cup without a row takes the nearest letter that has one, of two as near the larger', function (string $letter, array $rows, ?string $row): void {
    expect(CupRow::nearest($letter, $rows))->toBe($row);
})->with([
    ['C', ['A', 'C'], 'C'], ['B', ['A', 'C'], 'C'], ['E', ['A', 'D'], 'D'], ['AA', ['B', 'D'], 'B'], ['DD', ['D', 'F'], 'F'], ['B', [], null], ['D', ['A', 'F'], 'F'], ['C', ['A', 'F'], 'A'],
]);

/** @return array<string, mixed> a dress with bust rows for B and C */
function withCups(float $highBust): array
{
    return [
        'body.high_bust' => $highBust,
        'pattern.cups' => [
            'body_chart' => ['B' => [84, 88, 92, 96, 100, 105], 'C' => [86.5, 90.5, 94.5, 98.5, 102.5, 107.5]],
            'finished' => ['B' => [92, 96, 100, 104, 108, 113]],
        ],
    ];
}

test('with cup rows the cup leads, and its own rows are read', function (): void {
    $plan = planOf(withCups(84.5));
    expect($plan->frame->lead->value)->toBe('cup')
        ->and($plan->cup->letter)->toBe('C')
        ->and($plan->situation->cupRow)->toBe('C')
        ->and($plan->levels['bust']->chartValue)->toEqual(cm(90.5))
        // The finished chart has none for C, and B's was drawn for another cup.
        ->and($plan->levels['bust']->finished)->toBeNull()
        ->and($plan->bust->kind->value)->toBe('none');
});

test('a letter without a row is kept as measured, and said', function (): void {
    $plan = planOf(withCups(80));
    expect($plan->cup->letter)->toBe('E')->and($plan->situation->cupRow)->toBe('C')->and(cautionsOf($plan))->toContain('cup_no_row bust');
});

test('a difference outside the table is said', function (): void {
    $rule = ['measure' => 'high_bust_difference', 'table' => [['cup' => 'B', 'from' => 3, 'to' => 6]]];
    expect(cautionsOf(planOf(['body.high_bust' => 84, 'pattern.cups' => $rule])))->toContain('cup_outside_table bust')
        ->and(cautionsOf(planOf(['body.high_bust' => 88, 'pattern.cups' => $rule])))->not->toContain('cup_outside_table bust');
});

test('the rule of a range wins for its sizes', function (): void {
    $changes = [
        'body.high_bust' => 86,
        'pattern.ranges' => [['name' => 'small', 'sizes' => ['8', '10'], 'draft' => 'x'], ['name' => 'large', 'sizes' => ['12', '14', '16', '18'], 'draft' => 'x']],
        'pattern.cups' => [
            'table' => [['cup' => 'A', 'from' => 0, 'to' => 9]],
            'by_range' => ['large' => ['table' => [['cup' => 'D', 'from' => 0, 'to' => 9]]]],
        ],
    ];
    expect(planOf($changes + ['body.full_bust' => 92])->cup->letter)->toBe('D')
        ->and(planOf($changes + ['body.full_bust' => 88])->cup->letter)->toBe('A')
        ->and(planOf($changes + ['body.full_bust' => 92, 'choices.range' => 'small'])->cup->letter)->toBe('A');
});

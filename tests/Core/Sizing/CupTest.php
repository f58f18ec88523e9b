<?php

declare(strict_types=1);

use Underbolt\Measure\Body;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Cups\CupRange;
use Underbolt\Pattern\Cups\CupRule;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\CupRow;
use Underbolt\Work\PieceCut;
use Underbolt\Work\WorkPlan;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

/** A to D, 2.5 cm each from 0 on. */
function cupRule(CupMeasure $measure = CupMeasure::HighBustDifference): CupRule
{
    return new CupRule($measure, [
        new CupRange('A', cm(0), cm(2.5)), new CupRange('B', cm(2.5), cm(5)), new CupRange('C', cm(6), cm(8.5)), new CupRange(
            'D',
            cm(8.5),
            cm(11),
        ),
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
    ['C', ['A', 'C'], 'C'], ['B', ['A', 'C'], 'C'], ['E', ['A', 'D'], 'D'], [
        'AA',
        ['B', 'D'],
        'B',
    ], ['DD', ['D', 'F'], 'F'], ['B', [], null], ['D', ['A', 'F'], 'F'], ['C', ['A', 'F'], 'A'],
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
        ->and($plan->levels['bust']->chartValue)->toEqual(cm(90.5))
        // The finished chart has none for C: the nearest is B's, and that is said.
        ->and($plan->levels['bust']->finished)->toEqual(cm(96))
        ->and(cautionsOf($plan))->toContain('cup_no_row bust')
        ->and($plan->bust->kind->value)->toBe('none');
});

test('a letter without a row is kept as measured, and said', function (): void {
    $plan = planOf(withCups(80) + ['pattern.cups.finished' => null]);
    // Without a finished row or a piece by cup the general row moves to no other cup: C is the nearest that has one.
    expect($plan->cup->letter)->toBe('E')
        ->and($plan->situation->cupBust->bodyFrom)->toBe('C')
        ->and(cautionsOf($plan))->toContain('cup_no_row bust');
});

test('with finished rows or pieces by cup one body row serves them all, an inch a letter further', function (array $pattern): void {
    $plan = planOf(['body.full_bust' => 100, 'body.high_bust' => 90] + $pattern);
    expect($plan->cup->letter)->toBe('D')->and($plan->frame->lead->value)->toBe('cup')
        ->and($plan->levels['bust']->facts->chart->at(2))->toEqual(cm(92 + 5.08))
        ->and(cautionsOf($plan))->toContain('cup_row_derived bust');
})->with([
    'finished rows' => [['pattern.cups' => ['finished' => ['B' => [92, 96, 100, 104, 108, 113], 'D' => [97, 101, 105, 109, 113, 118]]]]],
    'a finished row bound to a cup' => [[
        'pattern.finished_by' => [['cup' => 'D', 'finished' => ['full_bust' => [97, 101, 105, 109, 113, 118]]]],
    ]],
    'pieces' => [['pattern.pieces' => [['name' => 'front', 'cups' => ['D']]]]],
]);

test('the general rows are the drafted cup\'s, where it has none of its own', function (): void {
    $plan = planOf([
        'body.full_bust' => 92,
        'body.high_bust' => 87,
        'pattern.cups' => ['finished' => ['D' => [97, 101, 105, 109, 113, 118]]],
    ]);
    expect($plan->cup->letter)->toBe('B')->and($plan->levels['bust']->finished)->toEqual(cm(100))
        ->and(cautionsOf($plan))->not->toContain('cup_no_row bust')->not->toContain('cup_row_derived bust');
});

test('DD is E, and is shown as it was typed', function (): void {
    $plan = planOf([
        'body.full_bust' => 100, 'body.high_bust' => 88,
        'pattern.cups' => ['table' => [['cup' => 'DD', 'from' => 11, 'to' => 14]], 'body_chart' => ['E' => [90, 94, 98, 102, 106, 111]]],
        'pattern.pieces' => [['name' => 'front DD', 'cups' => ['E']], ['name' => 'front B', 'cups' => ['B']]],
    ]);
    expect($plan->cup->letter)->toBe('DD')->and($plan->situation->cupBust->bodyFrom)->toBeNull()
        ->and($plan->levels['bust']->chartValue)->toEqual(cm(102))
        ->and(array_map(static fn ($piece): string => $piece->piece->name, PieceCut::all($plan, WorkPlan::of($plan))))->toBe(['front DD']);
});

test('a difference outside the table is said', function (): void {
    $rule = ['measure' => 'high_bust_difference', 'table' => [['cup' => 'B', 'from' => 3, 'to' => 6]]];
    expect(cautionsOf(planOf(['body.high_bust' => 84, 'pattern.cups' => $rule])))->toContain('cup_outside_table bust')
        ->and(cautionsOf(planOf(['body.high_bust' => 88, 'pattern.cups' => $rule])))->not->toContain('cup_outside_table bust');
});

test('the rule of a range wins for its sizes', function (): void {
    $changes = [
        'body.high_bust' => 86,
        'pattern.ranges' => [
            ['name' => 'small', 'sizes' => ['8', '10'], 'draft' => 'x'],
            ['name' => 'large', 'sizes' => ['12', '14', '16', '18'], 'draft' => 'x'],
        ],
        'pattern.cups' => [
            'table' => [['cup' => 'A', 'from' => 0, 'to' => 9]],
            'by_range' => ['large' => ['table' => [['cup' => 'D', 'from' => 0, 'to' => 9]]]],
        ],
    ];
    expect(planOf($changes + ['body.full_bust' => 92])->cup->letter)->toBe('D')
        ->and(planOf($changes + ['body.full_bust' => 88])->cup->letter)->toBe('A')
        ->and(planOf($changes + ['body.full_bust' => 92, 'choices.range' => 'small'])->cup->letter)->toBe('A');
});

test('of two rows as near a cup the larger one is read, in whatever order they stand', function (string $letter, array $rows, string $row): void {
    expect(CupRow::nearest($letter, $rows))->toBe($row)->and(CupRow::nearest($letter, array_reverse($rows)))->toBe($row);
})->with([['C', ['B', 'D'], 'D'], ['C', ['A', 'B'], 'B'], ['A', ['C', 'D'], 'C'], ['E', ['A', 'B', 'D'], 'D'], ['B', ['A', 'D'], 'A'], ['D', ['A', 'B', 'F'], 'F']]);

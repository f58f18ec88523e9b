<?php

declare(strict_types=1);

use Underbolt\Advice\Caution;
use Underbolt\Advice\CautionCode;
use Underbolt\Advice\Cautions;
use Underbolt\CutSheet\CheckLength;
use Underbolt\Pattern\Charts\Level;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\drawnWaist;
use function Tests\Core\planOf;

/** @return array<string, mixed> the plain dress's figures with their unit in words, for a make in inches */
function inCentimetres(): array
{
    $worded = static fn (array $row): array => array_map(static fn (int $cm): string => "{$cm} cm", $row);

    return [
        'body' => ['full_bust' => '92 cm', 'waist' => '74 cm', 'hip' => '99 cm'],
        'pattern.body_chart' => [
            'full_bust' => $worded([84, 88, 92, 96, 100, 105]),
            'waist' => $worded([66, 70, 74, 78, 82, 87]),
            'hip' => $worded([91, 95, 99, 103, 107, 112]),
        ],
        'pattern.finished' => [
            'full_bust' => $worded([92, 96, 100, 104, 108, 113]),
            'waist' => $worded([71, 75, 79, 83, 87, 92]),
            'hip' => $worded([98, 102, 106, 110, 114, 119]),
        ],
        'pattern.seam' => ['underarm_to_waist' => '20 cm', 'waist_to_hip' => '20 cm', 'hip_to_hem' => '40 cm'],
    ];
}

$envelopes = [
    ['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'one'],
    ['name' => 'large', 'sizes' => ['14', '16', '18'], 'draft' => 'one', 'owned' => false],
];

test('each trap is said at its level', function (array $changes, array $cautions): void {
    expect(cautionsOf(planOf($changes)))->toBe($cautions);
})->with([
    'nothing to say' => [[], []],
    'too small for the chart' => [['body.full_bust' => 80], ['below_range bust', 'step_care waist']],
    'too large for the chart' => [['body.hip' => 120], ['above_range hip', 'step_avoid hip']],
    'not measured' => [['body.waist' => null], ['not_measured waist']],
    'free and not measured' => [['body.waist' => null, 'pattern.levels.waist' => 'free'], []],
    'an envelope not owned' => [['body.waist' => 78, 'pattern.ranges' => $envelopes], ['range_not_owned waist']],
    'two sizes' => [['body.waist' => 82, 'body.hip' => 107], ['step_care waist']],
    'two sizes allowed' => [['body.waist' => 82, 'body.hip' => 107, 'choices.largest_step' => 2], []],
    'one size not allowed is no caution' => [['body.waist' => 78, 'body.hip' => 103, 'choices.largest_step' => 0], []],
    'three sizes' => [['body.waist' => 87, 'body.hip' => 112], ['step_avoid waist']],
]);

test('a measure outside these sizes but inside another draft is sent there', function (): void {
    $drafts = [
        ['name' => 'misses', 'sizes' => ['8', '10', '12']],
        ['name' => 'womens', 'sizes' => ['14', '16', '18'], 'drafted_cup' => 'D'],
    ];
    $plan = planOf(['body.hip' => 107, 'pattern.ranges' => $drafts, 'choices.range' => 'misses']);
    expect(cautionsOf($plan))->toBe(['above_range hip', 'other_range_fits hip'])
        ->and(Cautions::of($plan)[1]->text)->toContain('womens');
});

test('a caution about ease gives its figures in the unit of the make', function (): void {
    $small = ['choices.sizes' => ['waist' => '10'], 'choices.take' => ['waist' => 'leave']];
    expect(Cautions::of(planOf($small))[0]->text)->toBe(
        'As cut the waist has 1 cm of ease; it needs at least 2.5 cm. Try the tape test, sitting down before you cut.',
    )
        // What is let out is in the line, so it is no longer too little.
        ->and(cautionsOf(planOf(['choices.sizes' => ['waist' => '10']])))->toBe([]);
});

test('a usual figure has a round value in each unit', function (): void {
    $inches = planOf([
        'unit' => 'in',
        'choices.least_ease' => null,
        ...inCentimetres(),
        'choices.sizes' => ['waist' => '10'],
        'choices.take' => ['waist' => 'leave'],
    ]);
    expect(Cautions::of($inches)[0]->text)->toContain('it needs at least 1 in.');
});

test('a garment smaller than the body is told so, and nobody sits in a closed tape', function (): void {
    $knit = ['pattern.fabric' => ['kind' => 'knit', 'stretch_percent' => 10], 'pattern.finished.waist' => [50, 54, 58, 62, 66, 70]];
    expect(Cautions::of(planOf($knit))[0]->text)->toContain('the waist is 16 cm smaller than the body')->not->toContain('sitting');
});

test('one caution names all the levels of an envelope that is not owned', function () use ($envelopes): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107], 'pattern.ranges' => $envelopes]);
    expect(cautionsOf($plan))->toBe(['range_not_owned'])
        ->and(Cautions::of($plan)[0]->text)->toBe("Sizes 14 and 16 for the waist and hip: in the large envelope, which you don't own yet.");
});

test('the back of a garment cut unlike may lie in an envelope that is not owned', function () use ($envelopes): void {
    expect(
        cautionsOf(planOf(['pattern.ranges' => $envelopes, 'choices.front_larger' => ['bust' => 1]])),
    )->toContain('range_not_owned bust');
});

test('what stops a cut comes first', function (): void {
    $codes = array_map(
        static fn ($caution): bool => $caution->code->stopsCut(),
        Cautions::of(planOf(['body.waist' => 82, 'body.hip' => 107, 'body.full_bust' => 80, 'body.tummy' => 82.5])),
    );
    expect($codes)->toContain(true, false)
        ->and($codes)->toBe([...array_filter($codes), ...array_filter($codes, static fn (bool $stops): bool => ! $stops)]);
});

test('what is smaller than the body is tried by its cloth: a knit may give, a woven never does', function (array $changes, string $try): void {
    $said = array_values(array_filter(Cautions::of(planOf($changes + ['choices.sizes' => ['waist' => '10'], 'choices.take' => ['waist' => 'leave'], 'choices.by_hand' => ['waist' => ['in_all' => -4]]])), static fn ($one): bool => $one->code === CautionCode::UnderLeastEase));
    expect($said[0]->text)->toMatch("/; it (needs at least 2.5 cm|may be at most 0.75 cm smaller)\. {$try}\.$/");
})->with([
    'room, but too little' => [['choices.by_hand' => null], 'Try the tape test, sitting down before you cut'],
    'drafted for a woven' => [[], 'Woven cloth does not give that: take a larger size there, or let it out'],
    'drafted for a knit' => [['pattern.fabric' => ['kind' => 'knit', 'stretch_percent' => 2]], 'Stretch the cloth that far and look whether it gives before you cut'],
    'made of a knit, though drafted for a woven' => [['cloth' => ['kind' => 'knit']], 'Stretch the cloth that far and look whether it gives before you cut'],
]);

test('one size that is left out says what it lacks, against a bound as round in either unit', function (string $unit, string $words): void {
    $plan = planOf(($unit === 'in' ? inCentimetres() : []) + ['body.high_bust' => '80 cm', 'choices.lead' => 'high_bust', 'choices.pick' => 'one_size', 'body.hip' => '112 cm', 'unit' => $unit]);
    expect(array_column(array_map(static fn ($one): array => [$one->code->value, $one->text], Cautions::of($plan)), 1, 0)['one_size_left_out'])->toContain($words);
})->with([['cm', 'lacks 17 cm at the hip, more than 10 cm:'], ['in', 'more than 4 in:']]);

test('where another measure leads, that the full bust is missing is said once', function (): void {
    $plan = planOf(['body.full_bust' => null, 'body.high_bust' => 86, 'choices.lead' => 'high_bust']);
    $codes = static fn (array $cautions): array => array_map(static fn ($caution): string => $caution->code->value, $cautions);
    expect($codes(Cautions::of($plan)))->toContain('not_measured', 'bust_not_measured')
        ->and($codes(Cautions::shown($plan)))->toContain('bust_not_measured')->not->toContain('not_measured');
    $waits = planOf(['body.full_bust' => null]);
    expect($codes(Cautions::shown($waits)))->toBe($codes(Cautions::of($waits)))->toContain('not_measured');
});

test('a measure on the edge says in which size it is cut, where that is not the one it would pick', function (): void {
    expect(Caution::measureAgain(Level::Bust, 'bust', '10', '12', true)->text)->toBe('The bust stands on the edge between two sizes, and there is one reading of it only: 10 could as well be its neighbour. Here it is cut in 12. Measure it again.')
        ->and(Caution::measureAgain(Level::Bust, 'bust', '10', '10', true)->text)->not->toContain('cut in');
});

test('where drawing and printed figure differ the body is held against the drawing in words, and nothing is changed for it', function (array $changes, float $drawn, ?string $said): void {
    $plan = planOf($changes);
    $all = Cautions::shown($plan, drawnWaist($drawn));
    $told = array_values(array_filter($all, static fn (Caution $caution): bool => $caution->code === CautionCode::DrawnWaist))[0] ?? null;
    $isLeft = array_filter($all, static fn (Caution $caution): bool => $caution->code === CautionCode::LengthSmall) !== [];
    expect($told?->short())->toBe($said)->and($isLeft)->toBe($said === null && $plan->lengths->small !== []);
})->with([
    'as printed' => [['body.underarm_to_waist' => 20.6], 19.8, null],
    'the paper is within a quarter inch by the figure, the drawing is not' => [['body.underarm_to_waist' => 20.6], 18.7, "The drawing's waist lies 1.9 cm above the body's"],
    'lengthened by the figure, and not enough by the drawing' => [['body.underarm_to_waist' => 21], 19, "The drawing's waist lies 1 cm above the body's"],
    'below' => [['body.underarm_to_waist' => 20], 21, "The drawing's waist lies 1 cm below the body's"],
    'set by hand' => [['body.underarm_to_waist' => 20.6, 'choices.lengths' => ['above_waist' => 0]], 18.7, null],
    'not measured' => [[], 18.7, null],
]);

test('what the tape is held against is the drawing’s, with the printed figure where it says something else', function (): void {
    $checks = static fn (float $drawn): array => array_map(static fn (CheckLength $check): array => [$check->what, $check->length], CheckLength::all(planOf(['body.underarm_to_waist' => 21]), drawnWaist($drawn)));
    expect($checks(19)[0])->toEqual(['underarm to waist, along the grain on the drawing (21 cm by the printed figure)', cm(20)])
        ->and($checks(19.8)[0])->toEqual(['underarm to waist, along the grain on the drawing', cm(20.8)]);
});

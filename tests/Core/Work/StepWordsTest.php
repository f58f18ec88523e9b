<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\WorkPlan;

use function Tests\Core\cm;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

/** @return list<string> a step's amounts, such as `waist, front edge 0.5 x2 out` */
function amountsOf(array $changes, string $step): array
{
    return array_map(
        static fn (StepAmount $one): string => "{$one->at()}, {$one->edge()} ".$one->amount->nanometres / 1e7." x{$one->per} {$one->way()}",
        stepsOf(planOf($changes))[$step]->amounts ?? [],
    );
}

/** What is moved by hand at the waist, in front and at the back. */
function byHand(float $front, float $back, array $changes = []): array
{
    return $changes + ['choices.by_hand' => ['waist' => ['front' => $front, 'back' => $back]]];
}

$unmeasured = ['pattern.seam' => (object) []];
$left = ['choices.take' => ['waist' => 'leave', 'hip' => 'leave']];

/** An entry of one piece at the waist. */
function entryOf(string $kind, float $amount, int $per = 1, bool $isUp = false): StepAmount
{
    return new StepAmount(['front'], $kind, PieceSide::Front, Level::Waist, null, false, 2, null, null, cm($amount), $per, $isUp);
}

test('an amount says which way it goes: paper longer or shorter, an edge out or in, a neckline up or down', function (string $kind, float $amount, bool $isUp, string $way): void {
    expect(entryOf($kind, $amount, isUp: $isUp)->way())->toBe($way);
})->with([
    [Applied::ACROSS, 1, false, 'longer'], [Applied::ACROSS, -1, false, 'shorter'], [Applied::SIDE_NOTCH, 0.2, false, 'longer'], [Applied::SIDE_NOTCH, -0.2, false, 'shorter'],
    [Applied::SIDE, 1, false, 'out'], [Applied::SIDE, -1, false, 'in'], ['armhole', 0.8, true, 'up'], ['armhole', -0.8, true, 'down'],
]);

test('in all it is as often as there are edges', function (): void {
    expect(entryOf(Applied::SIDE, -0.3, 4)->total())->toEqual(cm(-1.2))->and(entryOf(Applied::SIDE, 0.5)->total())->toEqual(cm(0.5));
});

test('traced is each piece along its lines, what is alike once', function (array $changes, string $short, array $how): void {
    $trace = stepsOf(planOf($changes))['trace'];
    expect($trace->short)->toBe($short)->and($trace->how)->toBe($how);
})->with([
    'one line' => [[], 'Trace line 12, front and back.', []],
    'a blend' => [
        ['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10']] + $left,
        'Trace line 12 at neck, shoulder and armhole and the underarm, line 14 at the waist, line 10 at the hip and the hem, front and back.', [],
    ],
    'front and back unlike' => [
        ['choices.front_larger' => ['waist' => 1]], 'Trace each piece along its lines.',
        ['front: line 12 at neck, shoulder and armhole, the underarm, the hip and the hem, line 14 at the waist.', 'back: line 12 at neck, shoulder and armhole, the underarm, the hip and the hem, line 10 at the waist.'],
    ],
    'without a bust' => [
        ['pattern.body_chart.full_bust' => null, 'pattern.finished.full_bust' => null, 'body.full_bust' => null, 'choices.sizes' => ['waist' => '12', 'hip' => '14'], 'choices.take' => ['hip' => 'leave']],
        'Trace line 12 at the waist and the waist edge, line 14 at the hip and the hem, front and back.', [],
    ],
    'pieces of their own' => [
        ['choices.sizes' => ['waist' => '14'], 'pattern.pieces' => [['name' => 'bodice front'], ['name' => 'bodice back'], ['name' => 'skirt front'], ['name' => 'skirt back'], ['name' => 'sleeve'], ['name' => 'waistband'], ['name' => 'pocket', 'follows' => 'one_size']]] + $left,
        'Trace each piece along its lines.',
        [
            'bodice front and bodice back: line 12 at neck, shoulder and armhole and the underarm, line 14 at the waist and the waist edge.',
            'skirt front and skirt back: line 14 at the waist and the waist edge, line 12 at the hip and the hem.',
            'sleeve: line 12.', 'waistband: line 14.', 'pocket: the same for all sizes.',
        ],
    ],
    'two tissues' => [
        ['choices.sizes' => ['waist' => '14'], 'pattern.ranges' => [['name' => '8-12', 'sizes' => ['8', '10', '12'], 'draft' => 'one'], ['name' => '14-18', 'sizes' => ['14', '16', '18'], 'draft' => 'one']]] + $left,
        'Trace line 12 at neck, shoulder and armhole, the underarm, the hip and the hem, line 14 at the waist, front and back.',
        ['Lay the tissue of 14-18 under it, waist line on waist line and grain on grain, or centre on centre, and trace 14 there.'],
    ],
]);

test('drawn are the sides that leave their line, and no others', function (array $changes, ?string $which, array $amounts): void {
    $draw = stepsOf(planOf($changes))['draw'] ?? null;
    expect($draw?->short)->toBe($which === null ? null : "Draw the side seam by its marks, {$which}.")->and(amountsOf($changes, 'draw'))->toBe($amounts);
})->with([
    'none' => [[], null, []],
    'alike' => [byHand(0.5, 0.5), 'front and back alike', ['waist, each edge 0.5 x4 out']],
    'each its own' => [byHand(0.5, -0.7), 'front and back each by its own', ['waist, front edge 0.5 x2 out', 'waist, back edge -0.7 x2 in']],
    'the front alone' => [byHand(0.5, 0), 'on the front alone: the back stays on its line', ['waist, front edge 0.5 x2 out']],
    'less than hands can do at the back' => [byHand(0.5, 0.05), 'on the front alone: the back stays on its line', ['waist, front edge 0.5 x2 out']],
    'the back alone' => [byHand(0, -0.5), 'on the back alone: the front stays on its line', ['waist, back edge -0.5 x2 in']],
    // A centimetre an edge is just the next size: told by its amount, and by the line that it lies on.
    'just onto another line' => [byHand(0, -1), 'on the back alone: the front stays on its line', ['waist, back edge -1 x2 in']],
    'each just onto another' => [byHand(1, -1), 'front and back each by its own', ['waist, front edge 1 x2 out', 'waist, back edge -1 x2 in']],
]);

test('a side that goes onto another line and back has a station for it, and a step that draws it', function (float $front, float $back, array $sides): void {
    $plan = planOf(byHand($front, $back));
    $moved = fn (array $stations): bool => array_filter($stations, static fn ($one): bool => $one->move !== null && abs($one->move->nanometres) > 1_000_000) !== [];
    expect(isset(stepsOf($plan)['draw']))->toBe($sides !== [])
        ->and([$moved($plan->stations()), $moved($plan->backStations() ?? $plan->stations())])->toBe([in_array('front', $sides, true), in_array('back', $sides, true)]);
})->with([[0, 0, []], [1, 0, ['front']], [0, -1, ['back']], [-1, -1, ['front', 'back']], [2, 1, ['front', 'back']]]);

test('a millimetre beside a printed line is on it, more is told beside it', function (float $hand, bool $isOn): void {
    $told = WorkPlan::of(planOf(byHand($hand, $hand)))->line->front->at(Level::Waist);
    expect([$told?->size, $told?->isOn, $told?->move])->toEqual([2, $isOn, cm($hand)]);
})->with([[0.1, true], [-0.1, true], [0.101, false], [-0.101, false]]);

test('what is done is said why in that order', function (array $changes, string $why): void {
    expect(WorkPlan::of(planOf($changes))->why)->toBe($why);
})->with([
    [[], 'The waist stays where it is, or nearly: blend, then length.'],
    [['body.underarm_to_waist' => 21], 'The waist stays where it is, or nearly: blend, then length.'],
    [['body.underarm_to_waist' => 17.5], 'The waist moves by 2.5 cm: put it in place before the blend is drawn to it.'],
    [['body.underarm_to_waist' => 17.5, 'choices.order' => 'blend_first'], 'You chose it.'],
]);

test('what is walked in the end is named: the levels that are notched, and what lies on what', function (array $changes, string $short, array $how): void {
    $walk = stepsOf(planOf(byHand(0.5, 0.5, $changes)))['walk'];
    expect($walk->short)->toBe($short)->and($walk->how)->toBe($how);
})->with([
    'pieces not listed' => [[], 'Walk front and back side seams against each other, true where they meet, and notch at waist and hip.', ['No pieces are listed yet: do to lining, facing and band what you do to front and back, wherever they share the seam.']],
    'a lining' => [['pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'front lining']]], 'Walk front and back side seams against each other, true where they meet, and notch at waist and hip.', ['Lay each lining on its outer: they have the same side seam.']],
    'a hip that is not measured' => [['pattern.pieces' => [['name' => 'front'], ['name' => 'back']], 'body.hip' => null], 'Walk front and back side seams against each other, true where they meet, and notch at waist and hip.', []],
    'no hip' => [['pattern.pieces' => [['name' => 'front'], ['name' => 'back']], 'pattern.body_chart.hip' => null, 'pattern.finished.hip' => null], 'Walk front and back side seams against each other, true where they meet, and notch at waist.', []],
]);

test('trousers keep what lies between the legs, and nothing else says so', function (?string $garment, bool $isSaid): void {
    $how = stepsOf(planOf(byHand(0.5, 0.5, ['pattern.garment' => $garment])))['draw']->how;
    expect(in_array('Inside leg and crotch stay as printed.', $how, true))->toBe($isSaid);
})->with([['trousers', true], ['dress', false], [null, false]]);

test('where no depth is known marks are touched and joined, each side by its own where they are unlike', function (array $changes, array $told) use ($unmeasured): void {
    $draw = stepsOf(planOf($changes + $unmeasured))['draw'];
    expect($draw->short)->toStartWith('Draw the side seam through its levels, ')->and($draw->code)->toBe('draw.marks')
        ->and($draw->how)->toBe([...$told, 'With underarm to waist and waist to hip typed into the pattern there would be marks all the way down.', 'Notches on the side move with the seam.']);
})->with([
    'alike' => [byHand(0.5, 0.5), ["Touch line 12 at the underarm, 0.5 cm outside line 12 at your tissue's waist mark, line 12 at your tissue's hip mark, and join them in a curve."]],
    'unlike' => [byHand(0.5, -0.7), [
        "Front: touch line 12 at the underarm, 0.5 cm outside line 12 at your tissue's waist mark, line 12 at your tissue's hip mark, and join them in a curve.",
        "Back: touch line 12 at the underarm, 0.7 cm inside line 12 at your tissue's waist mark, line 12 at your tissue's hip mark, and join them in a curve.",
    ]],
]);

test('where the hip’s depth alone is missing, stations lead down to the waist, and its mark is touched beyond them', function (array $changes, array $told): void {
    $plan = planOf($changes + ['pattern.seam' => ['underarm_to_waist' => 20], 'choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10'], 'choices.take' => ['waist' => 'leave', 'hip' => 'leave']]);
    $draw = stepsOf($plan)['draw'];
    expect($draw->code)->toBe('draw.stations')->and($draw->how)->toBe([
        'Where the printed lines are straight there, lay the ruler from line 12 at the underarm to line 14 at the waist; the marks between lie beside it.',
        'Each mark is counted from the printed line named beside it.', ...$told, 'With waist to hip typed into the pattern there would be marks all the way down.', 'Notches on the side move with the seam.',
    ]);
})->with([
    'alike' => [[], ["Beyond these marks touch line 10 at your tissue's hip mark, and join it in a curve."]],
    'unlike' => [['choices.by_hand' => ['hip' => ['back' => -0.6]]], [
        "Front: beyond these marks touch line 10 at your tissue's hip mark, and join it in a curve.",
        "Back: beyond these marks touch 0.6 cm inside line 10 at your tissue's hip mark, and join it in a curve.",
    ]],
]);

test('where the marks between two levels lie within 1 mm of a straight line the ruler is told first, each side by its own', function (array $changes, array $told): void {
    $plan = planOf(['pattern.seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 20], 'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'], ...$changes]);
    $how = stepsOf($plan)['draw']->how;
    expect(array_values(array_filter($how, static fn (string $one): bool => str_contains($one, 'ruler'))))->toBe($told);
    // It is told before the marks that it saves.
    $told === [] ?: expect(array_slice($how, 0, count($told)))->toBe($told);
})->with([
    // Sizes 12 and 14 lie 1 cm apart an edge: the S between them leaves the straight line by 0.096 of that, at most.
    'one size' => [['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '14']], ['Where the printed lines are straight there, lay the ruler from line 12 at the underarm to line 14 at the waist; the marks between lie beside it.']],
    'two sizes in an S' => [['choices.sizes' => ['bust' => '12', 'waist' => '16', 'hip' => '16']], []],
    'two sizes, straight' => [['choices.sizes' => ['bust' => '12', 'waist' => '16', 'hip' => '16'], 'choices.blend' => 'straight'], ['Where the printed lines are straight there, lay the ruler from line 12 at the underarm to line 16 at the waist; the marks between lie beside it.']],
    // How a hip is curved nobody knows without its drawing.
    'below the waist' => [['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '14'], 'choices.blend' => 'straight'], []],
    'unlike' => [['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '14'], 'choices.by_hand' => ['waist' => ['front' => -0.4]]], [
        'Front: where the printed lines are straight there, lay the ruler from line 12 at the underarm to 0.4 cm inside line 14 at the waist; the marks between lie beside it.',
        'Back: where the printed lines are straight there, lay the ruler from line 12 at the underarm to line 14 at the waist; the marks between lie beside it.',
    ]],
    'parallel to its line' => [['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'choices.by_hand' => ['bust' => ['front' => 0.5, 'back' => 0.5], 'waist' => ['front' => 0.5, 'back' => 0.5]]], []],
]);

test('stations that lead from nowhere are none: with one level at a known depth the marks are touched', function (): void {
    $skirt = ['pattern.body_chart.full_bust' => null, 'pattern.finished.full_bust' => null, 'body.full_bust' => null, 'pattern.seam' => ['underarm_to_waist' => 20], 'choices.sizes' => ['waist' => '12', 'hip' => '14'], 'choices.take' => ['hip' => 'leave']];
    expect(stepsOf(planOf($skirt))['draw']->how)->toBe([
        "Touch line 12 at your tissue's waist mark, line 14 at your tissue's hip mark, and join them in a curve.", 'With waist to hip typed into the pattern there would be marks all the way down.', 'Notches on the side move with the seam.',
    ]);
});

test('slashed, a bust that grows adds at the waist, one that shrinks takes away there', function (float $fullBust, ?string $spread, array $said): void {
    $changes = ['body.full_bust' => $fullBust, 'body.high_bust' => 86, 'choices.method' => 'slash', 'choices.lead' => 'high_bust', 'choices.spread' => $spread];
    expect(stepsOf(planOf($changes))['adjust']->how)->toContain(...$said);
})->with([
    'more, into the dart' => [97, 'dart', [
        'Spread by 2.5 cm at the bust point, the edges of the lower cut side by side; at the side a wedge opens: it is the side dart, or makes it deeper. The underarm goes 2.5 cm out with it: nothing is drawn there any more.',
        'At the waist close 2.5 cm into the waist dart.', 'At the hip close 2.5 cm into the waist dart.',
    ]],
    'more, off the side' => [97, 'side', ['At the waist take 2.5 cm off the side again.']],
    'less, out of the dart' => [90, 'dart', [
        'Overlap by 1 cm at the bust point, the edges of the lower cut side by side; at the side a wedge closes: the side dart gets smaller, or goes. The underarm goes 1 cm in with it: nothing is drawn there any more.',
        'At the waist let 1 cm out of the waist dart.',
    ]],
    'less, onto the side' => [90, 'side', ['At the waist put 1 cm back on at the side.']],
]);

test('a centre back on the fold is told what else can be done, as far as hands can', function (float $amount, string $told): void {
    $changes = ['body.waist' => $amount > 0 ? 68 : 76, 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => $amount], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back', 'on_fold' => true]]];
    expect(stepsOf(planOf($changes))['centre_back-waist']->how[0])->toBe("No piece has a seam there: one on the fold can't take it. Open the fold into a seam{$told}.");
})->with([
    'taken in' => [2, ', or go 0.5 cm inward more at each side edge instead'], 'let out' => [-1.2, ', or go 0.3 cm outward more at each side edge instead'],
    'too little for four edges' => [0.3, ''],
]);

test('what goes beyond a spread is drawn at the front’s underarm, before it is slashed', function (): void {
    $slashed = ['body.full_bust' => 97, 'body.high_bust' => 84, 'pattern.body_chart.high_bust' => [78, 82, 86, 90, 94, 99], 'choices.method' => 'slash', 'choices.lead' => 'high_bust'];
    expect(amountsOf($slashed, 'adjust'))->toBe(['underarm, front edge 2.5 x2 out'])->and(amountsOf($slashed, 'draw'))->toBe([])
        ->and(amountsOf($slashed + ['choices.by_hand' => ['bust' => ['front' => 0.5], 'waist' => ['front' => 0.3]]], 'draw'))
        ->toBe(['underarm, front edge 0.5 x2 out', 'waist, front edge 0.3 x2 out']);
});

<?php

declare(strict_types=1);

use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\Steps\Missing;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\WorkPlan;

use function Tests\Core\appliedIn;
use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

/** A body whose waist is a step away from bust and hip. */
$stepped = ['body.waist' => 78];

$ids = static fn (array $changes): array => array_keys(stepsOf(planOf($changes)));

test('one traces, draws, then changes the length, and slashes last; but length first when it moves the waist by more than a centimetre', function () use ($stepped, $ids): void {
    $bust = ['body.high_bust' => 80, 'body.full_bust' => 96, 'choices.lead' => 'high_bust'];
    expect($ids($stepped + $bust + ['body.underarm_to_waist' => 21]))->toBe(['trace', 'draw', 'length-above_waist', 'adjust', 'walk'])
        ->and($ids($stepped + $bust + ['body.underarm_to_waist' => 21.1]))->toBe(['trace', 'length-above_waist', 'draw', 'adjust', 'walk'])
        ->and($ids($stepped + ['choices.method' => 'pivot'] + $bust + ['body.underarm_to_waist' => 21.1]))->toBe(['trace', 'length-above_waist', 'adjust', 'draw', 'walk'])
        ->and($ids($stepped + ['body.underarm_to_waist' => 18.9]))->toBe(['trace', 'length-above_waist', 'draw', 'walk'])
        ->and($ids($stepped + ['body.underarm_to_waist' => 18.9, 'choices.order' => 'blend_first']))->toBe(['trace', 'draw', 'length-above_waist', 'walk'])
        ->and($ids($stepped + ['body.underarm_to_waist' => 20.8, 'choices.order' => 'length_first']))->toBe(['trace', 'length-above_waist', 'draw', 'walk'])
        ->and($ids([]))->toBe(['trace'])
        ->and(WorkPlan::of(planOf($stepped + ['body.underarm_to_waist' => 18]))->why)->toBe(
            'The waist moves by 2 cm: put it in place before the blend is drawn to it.',
        );
});

test('one line all the way is traced, and nothing else is done', function (): void {
    $step = stepsOf($plan = planOf([]))['trace'];
    expect($step->text())->toBe('Trace line 12, front and back.')
        ->and(appliedIn($step, $plan))->toBe(['front side front bust 0 from 12', 'front side front waist 0 from 12', 'front side front hip 0 from 12', 'back side back bust 0 from 12', 'back side back waist 0 from 12', 'back side back hip 0 from 12']);
});

test('each length is cut where the paper says, or where it does no harm, on the pieces that reach across', function (): void {
    $body = [
        'body.underarm_to_waist' => 21, 'body.waist_to_hip' => 19, 'body.waist_to_hem' => 58, 'body.sleeve_length' => 60,
        'pattern.seam.sleeve_length' => 62, 'pattern.seam.sleeve_hem_allowance' => 3,
        'pattern.pieces' => [['name' => 'bodice front'], ['name' => 'bodice back'], ['name' => 'skirt front'], ['name' => 'skirt back'], ['name' => 'sleeve'], ['name' => 'button band'], ['name' => 'sleeve lining'], ['name' => 'neck facing']],
    ];
    $text = static fn (string $id, array $changes = []): string => stepsOf(planOf($changes + $body))[$id]->text();
    $done = static fn (string $id): array => appliedIn(stepsOf($plan = planOf($body))[$id], $plan);
    expect($text('length-above_waist'))->toContain('Lengthen above the waist by 1 cm.', 'half way between underarm and waist', 'spread', 'button band: the length follows.')
        ->and($text('length-below_waist'))->toContain('Shorten between waist and hip by 1 cm.', 'overlap')
        ->and($text('length-hem'))->toContain('Lengthen at the hem by 2 cm.', 'the new edge 2 cm lower', 'notch')->not->toContain('spread')
        ->and($text('length-sleeve'))->toContain('Lengthen in the sleeve by 1 cm.', 'draw both edges straight on')->not->toContain('spread')
        ->and($text('length-above_waist', ['pattern.lengthen_lines' => ['above_waist']]))->toContain('at the printed line between underarm and waist')
        ->and($text('length-hem', ['pattern.lengthen_lines' => ['hem']]))->toContain('at the printed line above the hem and spread by the amount')
        ->and($text('length-hem', ['body.waist_to_hem' => 54]))->toContain('Shorten at the hem by 2 cm', 'the new edge 2 cm higher')
        ->and($done('length-above_waist'))->toBe(['bodice front across front above_waist 1 after trace', 'bodice back across back above_waist 1 after trace'])
        ->and($done('length-below_waist'))->toBe(['skirt front across front below_waist -1 after trace', 'skirt back across back below_waist -1 after trace'])
        ->and($done('length-sleeve'))->toBe(['sleeve hem sleeve 1 after trace', 'sleeve lining hem sleeve 1 after trace']);
});

test('more than one fold carries is split, or cut off at the hem', function (array $lengths, string $id, string $says): void {
    $plan = planOf(['choices.lengths' => $lengths, 'pattern.seam.sleeve_length' => 60]);
    expect(stepsOf($plan)[$id]->text())->toContain($says);
})->with([
    [['above_waist' => -8], 'length-above_waist', 'overlap'], [['above_waist' => -8.1], 'length-above_waist', 'split it over two lines'],
    [['hem' => -8], 'length-hem', 'Draw the new edge'], [['hem' => -9], 'length-hem', 'Cut off at the new edge, 9 cm higher'],
    [['sleeve' => -9], 'length-sleeve', 'split it over two lines, one above the elbow'],
]);

test('a sleeve is drawn on at its end only where it gets longer and has nothing there to keep', function (array $changes, string $how): void {
    $body = ['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 58];
    expect(stepsOf(planOf($changes + $body))['length-sleeve']->text())->toContain($how);
})->with([
    'longer' => [[], 'draw both edges straight on'],
    'a cuff' => [['pattern.pieces' => [['name' => 'cuff']]], 'half way between underarm and elbow and spread'],
    'a printed line' => [['pattern.lengthen_lines' => ['sleeve']], 'at the printed line in the sleeve and spread'],
    'shorter' => [['body.sleeve_length' => 56], 'half way between underarm and elbow and overlap'],
]);

test('pieces of one shape are pinned together before anything is changed, and parted last', function () use ($stepped, $ids): void {
    $pieces = ['pattern.pieces' => [
        ['name' => 'centre front', 'part_of' => 'front'], ['name' => 'side front', 'part_of' => 'front'], ['name' => 'back', 'part_of' => 'whole back'],
    ]];
    $plan = planOf($stepped + $pieces);
    expect($ids($stepped + $pieces))->toBe(['trace', 'pin-front', 'draw', 'walk'])->and($ids($pieces))->toBe(['trace'])
        ->and(stepsOf($plan)['pin-front']->short)->toContain('Pin centre front and side front together', 'they make the front')
        ->and(stepsOf($plan)['walk']->text())->toContain('Part the pinned pieces again')
        // The side front alone has the side seam: the front is moved once.
        ->and(preg_grep('/centre front/', appliedIn(stepsOf($plan)['draw'], $plan)))->toBe([]);
});

test('lining, skirt and armhole facing get what their seams get, a neck facing and a collar nothing', function (): void {
    $plan = planOf([
        'body' => ['full_bust' => 95, 'high_bust' => 91, 'waist' => 76.8, 'hip' => 96], 'choices.lead' => 'high_bust_as_is',
        'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'in_line'],
        'pattern.pieces' => array_map(static fn (string $name): array => ['name' => $name], ['bodice front', 'bodice back', 'bodice front lining', 'front armhole facing', 'skirt back', 'collar', 'neck facing', 'waistband']),
    ]);
    $of = static fn (string $piece): array => array_merge([], ...array_map(static fn ($step): array => array_values(preg_grep("/^{$piece} /", appliedIn($step, $plan))), array_values(stepsOf($plan))));
    expect($of('bodice front lining'))->toBe(['bodice front lining side front bust 0.75 from 12', 'bodice front lining side front waist 0.7 from 12'])
        ->and($of('front armhole facing'))->toBe(['front armhole facing side front bust 0.75 from 12'])
        ->and($of('skirt back'))->toBe(['skirt back side back waist 0.7 from 12', 'skirt back side back hip 0 from 10', 'skirt back side back hip sewn 0.25 after draw'])
        ->and($of('waistband'))->toBe(['waistband side_notch front waist 0.7 from 12', 'waistband side_notch back waist 0.7 from 12'])
        ->and(stepsOf($plan)['join-waistband']->text())->toBe('Waistband: cut it 1.4 cm longer at each side notch, as the edge that it is sewn to. Nothing at its ends; notches move with it.')
        ->and([...$of('collar'), ...$of('neck facing')])->toBe([]);
});

test('what is gathered, eased or stretched on takes a change up by itself', function (): void {
    $plan = planOf(['choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1]], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'waistband', 'seams' => [['kind' => 'waist', 'joins' => 'gathered']]]]]);
    expect(stepsOf($plan)['join-waistband']->text())->toBe('Waistband: takes the change of the waist edge up by itself, gathered on to it.')
        ->and(stepsOf($plan)['join-waistband']->applied)->toBe([]);
});

test('a band that is stretched on is cut in the proportion of its edge', function (): void {
    // Hip as cut 106 + 4 x 0.7 = 108.8.
    $plan = planOf(['pattern.fabric' => ['kind' => 'knit'], 'choices.by_hand' => ['hip' => ['front' => 0.7, 'back' => 0.7]], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'hem band']]]);
    expect(stepsOf($plan)['join-hem-band']->text())->toBe('Hem band: its printed length times 108.8 cm by 106 cm, as the hip edge that it is stretched on to.');
});

test('a hem facing goes on as the side does at the hem, and a hem band as the hip', function (): void {
    $plan = planOf(['choices.by_hand' => ['hip' => ['front' => 0.7, 'back' => 0.5]], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'hem facing'], ['name' => 'hem band']]]);
    expect(appliedIn(stepsOf($plan)['join-hem-facing'], $plan))->toBe(['hem facing side front hem 0.7 from 12', 'hem facing side back hem 0.5 from 12'])
        ->and(appliedIn(stepsOf($plan)['join-hem-band'], $plan))->toBe(['hem band side_notch front hip 0.7 from 12', 'hem band side_notch back hip 0.5 from 12'])
        ->and(array_keys(stepsOf(planOf(['pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'hem band']]]))))->toBe(['trace']);
});

test('the sleeve is the wish and what is turned up, less the paper', function (array $changes, ?float $cm): void {
    expect(planOf($changes)->lengths->sleeve)->toEqual($cm === null ? null : cm($cm));
})->with([
    [['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 58], 2],
    [['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 62, 'pattern.seam.sleeve_hem_allowance' => 3], 1],
    [['body.sleeve_length' => 60], null], [['pattern.seam.sleeve_length' => 62], null],
]);

test('a pivot has everything in its two marks; slashing moves the front alone, and the rest is drawn after it', function (): void {
    $pivot = planOf($bust = ['body.high_bust' => 91, 'body.full_bust' => 95, 'choices.lead' => 'high_bust_as_is', 'choices.by_hand' => ['bust' => ['front' => 0.5, 'back' => 0], 'waist' => ['front' => 0.3, 'back' => 0.3]]]);
    $slash = planOf(['choices.method' => 'slash', 'choices.spread' => 'side'] + $bust);
    expect(appliedIn(stepsOf($pivot)['adjust'], $pivot))->toBe(['front side front bust 1.25 from 12', 'front side front waist 0.3 from 12', 'back side back bust 0.75 from 12', 'back side back waist 0.3 from 12'])
        ->and(stepsOf($pivot)['adjust']->text())->toContain('Full bust adjustment of 3 cm in all, by pivoting', 'Mark the underarm in front 1.25 cm out from line 12, at the back 0.75 cm out from line 12, and the waist 0.3 cm out from line 12.', 'swing out to the mark', 'swing to the mark at the waist and trace the side down to there: it is straight. Below it the marks of the next step count.')
        ->and(appliedIn(stepsOf($slash)['adjust'], $slash))->toBe(['front side front bust 1.5 after draw'])
        ->and(appliedIn(stepsOf($slash)['draw'], $slash))->toContain('front side front bust 0.5 from 12', 'back side back bust 0 from 12')
        ->and(stepsOf($slash)['adjust']->text())->toContain('by slashing the front alone', 'Spread by 1.5 cm at the bust point', 'At the waist take 1.5 cm off the side again.')
        ->and(stepsOf(planOf(['choices.method' => 'slash'] + $bust))['adjust']->text())->toContain('At the waist close 1.5 cm into the waist dart.')
        ->and(stepsOf(planOf(['body.high_bust' => 95, 'body.full_bust' => 95, 'choices.lead' => 'high_bust']))['adjust']->text())->toContain('Small bust adjustment', 'swing in to the mark');
});

test('a free waist is swung to as well, and the rest drawn; a raglan has no shoulder end to pin', function (): void {
    $bust = ['body.high_bust' => 91, 'body.full_bust' => 95, 'choices.lead' => 'high_bust_as_is'];
    $free = planOf($bust + ['pattern.levels.waist' => 'free']);
    expect(stepsOf($free)['adjust']->text())->toContain('swing to the mark at the waist')
        ->and(appliedIn(stepsOf($free)['adjust'], $free))->toBe(['front side front bust 0.75 from 12', 'front side front waist 0.375 from 12', 'back side back bust 0.75 from 12', 'back side back waist 0.375 from 12'])
        ->and(appliedIn(stepsOf($free)['draw'], $free))->toBe(['front side front hip 0 from 12', 'back side back hip 0 from 12']);
    $raglan = planOf($bust + ['pattern.pieces' => [['name' => 'raglan front'], ['name' => 'raglan back'], ['name' => 'raglan sleeve']]]);
    expect(stepsOf($raglan))->not->toHaveKey('adjust')->and(appliedIn(stepsOf($raglan)['draw'], $raglan))->toContain('raglan front side front bust 0.75 from 12');
});

test('without depths the marks are touched and joined, and what would tell more is named', function (): void {
    $plan = planOf(['body.waist' => 82, 'pattern.seam' => ['seam_allowance' => 1.5], 'choices.by_hand' => ['hip' => ['front' => 0.5, 'back' => 0.5]]]);
    expect(stepsOf($plan)['draw']->text())->toContain('Draw the side seam through its levels, front and back alike.', 'Touch line 12 at the underarm, line 16 at your tissue\'s waist mark, 0.5 cm outside line 12 at your tissue\'s hip mark, and join them in a curve.', 'With underarm to waist and waist to hip typed into the pattern there would be marks all the way down.')
        ->and(array_map(static fn (Missing $one): string => $one->field, Missing::of($plan)))->toBe(['pattern.seam.underarm_to_waist', 'pattern.seam.waist_to_hip', 'pattern.seam.hip_to_hem']);
});

test('sewn in the seam both widths are said', function (): void {
    $plan = planOf(['body.waist' => 73, 'choices.sizes' => ['waist' => '12'], 'pattern.seam.seam_allowance' => 1.5]);
    expect(stepsOf($plan)['sew-waist']->text())->toBe('At the waist sew the side seams 0.25 cm deeper: at 1.75 cm instead of 1.5 cm. Running out to the seam line at the underarm and at the hip notch; nothing is drawn.')
        ->and(appliedIn(stepsOf($plan)['sew-waist'], $plan))->toBe(['front side front waist sewn -0.25 after trace', 'back side back waist sewn -0.25 after trace']);
});

test('what is let out in the seam has an allowance to come from, or that is said', function (float $body, string $short): void {
    $plan = planOf(['body.waist' => $body, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'sew'], 'pattern.seam.seam_allowance' => 1.5]);
    expect(stepsOf($plan)['sew-waist']->short)->toBe("At the waist sew the side seams {$short}.");
})->with([
    [78, '1 cm nearer the edge: at 0.5 cm instead of 1.5 cm'],
    [79.6, '1.4 cm nearer the edge: at 0.1 cm instead of 1.5 cm'],
    [80, '1.5 cm nearer the edge: more than the allowance of 1.5 cm holds'],
    [86, '3 cm nearer the edge: more than the allowance of 1.5 cm holds'],
    [66, '2 cm deeper: at 3.5 cm instead of 1.5 cm'],
]);

test('the centre back takes its amount where there is a seam, and says so where the piece lies on the fold', function (): void {
    $apart = ['body.waist' => 72, 'choices.sizes' => ['waist' => '12'], 'choices.centre_back' => ['waist' => 2]];
    $seamed = planOf($apart + ['pattern.pieces' => [['name' => 'bodice front'], ['name' => 'bodice back', 'times' => 2], ['name' => 'skirt front'], ['name' => 'skirt back', 'times' => 2], ['name' => 'waistband']]]);
    $folded = planOf($apart + ['pattern.pieces' => [['name' => 'front'], ['name' => 'back', 'on_fold' => true]]]);
    expect(appliedIn(stepsOf($seamed)['centre_back-waist'], $seamed))->toBe(['bodice back centre_back back waist -1 after trace', 'skirt back centre_back back waist -1 after trace'])
        ->and(stepsOf($seamed)['centre_back-waist']->text())->toContain('waistband: the same at the centre back.')
        ->and(stepsOf($folded)['centre_back-waist']->text())->toContain('No piece has a seam there', 'go 0.5 cm inward more at each side edge instead')
        ->and(appliedIn(stepsOf($folded)['centre_back-waist'], $folded))->toBe(['back centre_back back waist -1 after trace']);
});

test('front and back unlike: the armhole runs out from the frame, the sleeve by its halves', function (): void {
    $plan = planOf(['choices.front_larger' => ['bust' => 1, 'waist' => 1], 'pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve']]]);
    expect(array_keys(stepsOf($plan)))->toBe(['trace', 'draw', 'armhole', 'sleeve-halves', 'walk'])
        ->and(stepsOf($plan)['trace']->text())->toContain('front: line 12 at neck, shoulder and armhole, the hip and the hem, line 14 at the underarm and the waist.', 'back: line 12 at neck, shoulder and armhole, the hip and the hem, line 10 at the underarm and the waist.', 'sleeve: line 12 at the head, in front line 14 at the underarm, at the back line 10 at the underarm.')
        ->and(stepsOf($plan)['armhole']->text())->toContain('from the shoulder end on line 12 to each piece\'s own underarm, line 14 in front and line 10 at the back')
        ->and(stepsOf($plan)['sleeve-halves']->text())->toContain('its front half', 'to line 14 at the underarm, its back half to line 10');
});

test('what is drawn out at the underarm moves the sleeve\'s seam as much; what is swung does not', function (): void {
    $pieces = ['pattern.pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve']]];
    $drawn = planOf($pieces + ['choices.by_hand' => ['bust' => ['front' => 0.5, 'back' => 0]]]);
    $swung = planOf($pieces + ['body.high_bust' => 91, 'body.full_bust' => 96, 'choices.lead' => 'high_bust_as_is']);
    expect(appliedIn(stepsOf($drawn)['sleeve-underarm'], $drawn))->toBe(['sleeve sleeve_seam front underarm 0.5 after trace'])
        ->and(stepsOf($swung))->not->toHaveKey('sleeve-underarm');
});

test('pieces are cut in the sizes that they follow and reach', function (): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107], 'pattern.pieces' => [
        ['name' => 'front'], ['name' => 'sleeve'], ['name' => 'band', 'follows' => 'waist'], ['name' => 'back', 'reaches' => ['shoulder', 'hem']],
        ['name' => 'skirt', 'follows' => 'waist_and_hip'], ['name' => 'yoke', 'follows' => 'hip'], ['name' => 'pocket'],
        ['name' => 'front C', 'cups' => ['C']],
    ]]);
    $names = static fn (?array $sizes): ?array => $sizes === null ? null : array_map($plan->nameOf(...), $sizes);
    $cut = array_map(static fn (PieceCut $piece): array => [$piece->piece->name, $names($piece->sizes()), $piece->frame !== null], PieceCut::all($plan, WorkPlan::of($plan)));
    expect($cut)->toBe([
        ['front', ['12', '14'], true], ['sleeve', ['12'], true], ['band', ['14'], false], ['back', ['12', '14', '16'], true],
        ['skirt', ['14', '16'], false], ['yoke', ['16'], true], ['pocket', [], false],
    ]);
});

test('a pattern that lists no pieces is told none, whatever its garment usually has, and of no sleeve', function (): void {
    $plan = planOf(['pattern.garment' => 'skirt', 'choices.front_larger' => ['waist' => 1], 'body.waist' => 82]);
    $said = implode(' ', array_map(static fn (Step $step): string => $step->text(), WorkPlan::of($plan)->steps));
    expect(PieceCut::all($plan, WorkPlan::of($plan)))->toBe([])->and($said)->toContain('No pieces are listed yet: do to lining, facing and band what you do to front and back, wherever they share the seam.')
        ->and($said)->not->toContain('sleeve');
});

test('less than a millimetre an edge is nobody’s step, on no piece and on no line of the sheet', function (float $taken, bool $isStep): void {
    $plan = planOf(['choices.take' => ['waist' => 'sew'], 'body.waist' => 74 - $taken, 'pattern.pieces' => [['name' => 'front'], ['name' => 'band', 'follows' => 'waist']]]);
    $words = array_merge([], ...array_map(static fn (PieceCut $piece): array => $piece->changes($plan), PieceCut::all($plan, WorkPlan::of($plan))));
    expect(isset(stepsOf($plan)['sew-waist']))->toBe($isStep)->and($words !== [])->toBe($isStep);
})->with([[0.39, false], [0.4, true]]);

test('cloth and notions are read for the largest size used, of the view that is made', function (): void {
    $needs = static fn (array $changes): array => array_map(static fn (ShoppingNeed $need): string => implode(' ', array_filter([$need->name, $need->view, $need->text ?? (string) ($need->amount->nanometres / 1e7)])), ShoppingNeed::of(planOf($changes + [
        'body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107],
        'pattern.views' => ['A', 'B'],
        'pattern.fabric_needs' => [
            ['view' => 'A', 'cloth' => 'linen', 'width' => 150, 'amounts' => [180, 180, 190, 200, '2.1 m', null]],
            ['view' => 'B', 'cloth' => 'linen', 'amounts' => [200, 200, 210, 220, 230, 240]],
        ],
        'pattern.notions' => [['name' => 'zip', 'by_size' => ['50 cm', '50 cm', '50 cm', '50 cm', '55 cm', '']]],
    ])));
    expect($needs([]))->toBe(['linen A 2.1 m', 'linen B 230', 'zip 55 cm'])
        ->and($needs(['choices.view' => 'B']))->toBe(['linen B 230', 'zip 55 cm'])
        ->and($needs(['choices.view' => 'A', 'choices.sizes' => ['hip' => '18']]))->toBe([]);
});

test('yards typed come back as yards, and a figure without a unit takes that of the others in its row', function (): void {
    $need = static fn (string $size): ?ShoppingNeed => ShoppingNeed::of(planOf([
        'choices.sizes' => ['hip' => $size],
        'pattern.fabric_needs' => [['cloth' => 'linen', 'amounts' => ['2 yd', '2 1/4', 240, '2 5/8 yds', null, '3 yd']]],
    ]))[0] ?? null;
    expect($need('12')?->text)->toBeNull()->and($need('12')?->amount)->toEqual(cm(240));
    $yards = ShoppingNeed::of(planOf([
        'body' => ['full_bust' => 88, 'waist' => 70, 'hip' => 95],
        'pattern.fabric_needs' => [['cloth' => 'linen', 'amounts' => ['2 yd', '2 1/4', '2 1/2 yd', '3 yd', '3', null]]],
    ]))[0];
    expect($yards->text)->toBe('2 1/4 yd')->and($yards->amount)->toEqual(cm(205.74));
});

test('a garment that fits gives the ease that is liked: twice its flat width, less the body', function (): void {
    $choices = ['ease' => 'liked', 'own_garment' => ['waist' => '41'], 'liked_ease' => ['bust' => 9]];
    expect(planOf(['choices' => $choices])->levels['waist']->facts->likedEase)->toEqual(cm(8))
        ->and(planOf(['choices' => $choices])->levels['hip']->facts->likedEase)->toBeNull()
        ->and(planOf(['choices' => ['own_garment' => ['bust' => 60]] + $choices])->levels['bust']->facts->likedEase)->toEqual(cm(9));
});

test('the centre back takes its share alone, and only the rest is divided', function (): void {
    $waist = planOf([
        'body.waist' => 72,
        'choices.centre_back' => ['waist' => '1.2'],
        'choices.sizes' => ['waist' => '12'],
    ])->levels['waist'];
    expect($waist->taken->leftOver)->toEqual(cm(2))
        ->and($waist->taken->perEdge)->toEqual(cm(0.2))
        ->and($waist->taken->centreBack)->toEqual(cm(1.2));
});

test('front and back unlike keep the sum', function (): void {
    $plan = planOf(['choices.front_larger' => ['bust' => 1, 'waist' => 1]]);
    expect(array_map($plan->nameOf(...), $plan->frontBack->front->known()))->toBe(['bust' => '14', 'waist' => '14', 'hip' => '12'])
        ->and(array_map($plan->nameOf(...), $plan->frontBack->back->known()))->toBe(['bust' => '10', 'waist' => '10', 'hip' => '12'])
        ->and($plan->levels['bust']->asCut)->toEqual(cm(100))
        ->and($plan->backStations())->not->toBeNull()
        ->and(planOf([])->backStations())->toBeNull();
});

test('where the sizes end front and back both stop, so that the sum stays', function (): void {
    $sizes = static fn ($plan): array => [$plan->nameOf($plan->frontBack->front->bust), $plan->nameOf($plan->frontBack->back->bust)];
    $last = planOf(['choices.sizes' => ['bust' => '18'], 'choices.front_larger' => ['bust' => 1]]);
    $near = planOf(['choices.sizes' => ['bust' => '10'], 'choices.front_larger' => ['bust' => -3]]);
    expect($sizes($last))->toBe(['18', '18'])->and(cautionsOf($last))->toContain('unlike_cut_short bust')
        ->and($sizes($near))->toBe(['8', '12'])->and(cautionsOf($near))->toContain('unlike_cut_short bust');
});

test('the sentence under the headline counts steps and cautions', function (array $changes, string $sentence): void {
    $plan = planOf($changes);
    expect(Headline::details($plan, count(Cautions::shown($plan))))->toBe($sentence);
})->with([
    [[], 'One line to cut, front and back alike; no step to blend; nothing to watch.'],
    [
        ['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 103]],
        'One line to cut, front and back alike; one step to blend, easy; nothing to watch.',
    ],
    [
        ['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107]],
        'One line to cut, front and back alike; two steps to blend, easy; nothing to watch.',
    ],
    [
        ['body' => ['full_bust' => 92, 'waist' => 82, 'hip' => 107]],
        'One line to cut, front and back alike; one step to blend, a wide one; one caution.',
    ],
    [
        ['body' => ['full_bust' => 92, 'waist' => 82, 'hip' => 103]],
        'One line to cut, front and back alike; two steps to blend, one of them wide; one caution.',
    ],
    'unlike at the waist: each line steps twice' => [['choices.front_larger' => ['waist' => 1]], 'Two lines to cut, front and back unlike; two steps to blend, easy; nothing to watch.'],
    'unlike at the bust: once each, over two sizes' => [['choices.front_larger' => ['bust' => 2]], 'Two lines to cut, front and back unlike; one step to blend, a wide one; nothing to watch.'],
    'the front steps and the back does not' => [
        ['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 99], 'choices.front_larger' => ['waist' => 1]],
        'Two lines to cut, front and back unlike; two steps to blend in front, none at the back, all of them wide; nothing to watch.',
    ],
    'the back steps farther than the front' => [
        ['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 99], 'choices.front_larger' => ['waist' => -1, 'hip' => -1]],
        'Two lines to cut, front and back unlike; one step to blend in front, two at the back, one of them wide; nothing to watch.',
    ],
]);

test('a change that no side seam can take is shared out among panels, or told to find no piece', function (): void {
    $byHand = ['choices.by_hand' => ['hip' => ['front' => 0.6, 'back' => 0.6]]];
    $panels = planOf($byHand + ['pattern.pieces' => [['name' => 'panel', 'times' => 3, 'reaches' => ['underarm', 'hem'], 'seams' => [['kind' => 'panel'], ['kind' => 'armhole']]]]]);
    $none = planOf($byHand + ['pattern.pieces' => [['name' => 'front', 'reaches' => ['shoulder', 'waist']], ['name' => 'back', 'reaches' => ['shoulder', 'waist']]]]);
    // 4 x 0.6 = 2.4 in all, six edges of three panels: 0.4 each.
    expect(stepsOf($panels)['draw']->text())->toContain('At the hip 2.4 cm out in all is shared among 6 edges of panels: 0.4 cm at each.')
        ->and(appliedIn(stepsOf($panels)['draw'], $panels))->toBe(['panel panel hip 0.4 after trace'])
        ->and(stepsOf($none)['draw']->text())->toContain('At the hip no listed piece has a side seam: 2.4 cm out in all finds no piece.');
});

test('where nothing can be pinned that is said, and where sleeve and body are one too', function (): void {
    $bust = ['body.high_bust' => 91, 'body.full_bust' => 95, 'choices.lead' => 'high_bust_as_is'];
    expect(stepsOf(planOf($bust + ['pattern.pieces' => [['name' => 'kimono front'], ['name' => 'kimono back']]]))['draw']->text())
        ->toContain('nothing is pivoted, the bust adjustment is in the line', 'Depth 0 is where side and sleeve seam meet.');
});

test('what the line can\'t do for a garment is said where it is drawn', function (string $name, array $pieces, string $said): void {
    $draw = stepsOf(planOf(['body.waist' => 78, 'pattern.name' => $name, 'pattern.pieces' => array_map(static fn (string $piece): array => ['name' => $piece], $pieces), 'choices.by_hand' => ['waist' => ['in_all' => 4]]]))['draw'];
    expect($draw->text())->toContain($said)->and(substr_count($draw->text(), 'radius'))->toBeLessThanOrEqual(1);
})->with([
    ['Wrap dress', ['bodice front', 'bodice back', 'tie'], 'a band or tie keeps its overlap'],
    // 4 round over pi is 1.27.
    ['Skerry skirt', ['half circle skirt front', 'half circle skirt back'], 'with a radius 1.25 cm larger instead'],
    ['Full circle dress', ['front', 'back'], 'with a radius 0.65 cm larger instead'],
    ['Dress', ['front', 'back', 'godet'], 'A godet keeps its shape'], ['Coat', ['front', 'back', 'hood'], 'only the length of the neck seam'], ['Top', ['front', 'back', 'back yoke'], 'A yoke keeps its shape'],
]);

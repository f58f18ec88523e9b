<?php

declare(strict_types=1);

use Underbolt\Advice\Headline;
use Underbolt\Altering\WorkStep;
use Underbolt\Work\PieceCut;
use Underbolt\Work\ShoppingNeed;
use Underbolt\Work\WorkPlan;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

/** A body whose waist is a step away from bust and hip. */
$stepped = ['body.waist' => 78];

$kinds = static fn (array $changes): array => array_map(static fn (WorkStep $step): string => $step->kind, WorkPlan::of(planOf($changes))->steps);

test('blend, then length, then bust; but length first when it moves the waist by more than a centimetre', function () use ($stepped, $kinds): void {
    $bust = ['body.high_bust' => 80, 'body.full_bust' => 96, 'choices.lead' => 'high_bust'];
    expect($kinds($stepped + $bust + ['body.underarm_to_waist' => 21]))->toBe(['blend', 'length', 'bust'])
        ->and($kinds($stepped + $bust + ['body.underarm_to_waist' => 21.1]))->toBe(['length', 'blend', 'bust'])
        ->and($kinds($stepped + ['body.underarm_to_waist' => 18.9]))->toBe(['length', 'blend'])
        ->and($kinds($stepped + ['body.underarm_to_waist' => 18.9, 'choices.order' => 'blend_first']))->toBe(['blend', 'length'])
        ->and($kinds($stepped + ['body.underarm_to_waist' => 20.8, 'choices.order' => 'length_first']))->toBe(['length', 'blend'])
        ->and($kinds([]))->toBe([])
        ->and(WorkPlan::of(planOf($stepped + ['body.underarm_to_waist' => 18]))->why)->toBe(
            'The waist moves by 2 cm: put it in place before the blend is drawn to it.',
        );
});

test('each length is cut where the paper says, or where it does no harm', function (): void {
    $texts = static fn (array $changes): array => array_map(
        static fn (WorkStep $step): string => $step->text,
        WorkPlan::of(planOf($changes))->steps,
    );
    $body = [
        'body.underarm_to_waist' => 21,
        'body.waist_to_hip' => 19,
        'body.waist_to_hem' => 58,
        'body.sleeve_length' => 60,
        'pattern.seam.sleeve_length' => 62,
        'pattern.seam.sleeve_hem_allowance' => 3,
    ];
    expect($texts($body))->toHaveCount(4)
        ->and($texts($body)[0])->toContain('Lengthen above the waist by 1 cm', 'half way between underarm and waist', 'spread')
        ->and($texts($body)[1])->toContain('Shorten between waist and hip by 1 cm', 'overlap')
        ->and($texts($body)[2])->toContain('Lengthen at the hem by 2 cm', 'the new edge 2 cm lower', 'notch')->not->toContain('spread')
        ->and($texts($body)[3])->toContain('Lengthen in the sleeve by 1 cm', 'draw both edges straight on by 1 cm')->not->toContain('spread')
        ->and(
            $texts($body + ['pattern.lengthen_lines' => ['above_waist']])[0],
        )->toContain('at the printed line between underarm and waist')
        ->and($texts(['pattern.lengthen_lines' => ['hem']] + $body)[2])->toContain('at the printed line above the hem, spread by the amount')
        ->and($texts(['body.waist_to_hem' => 54] + $body)[2])->toContain('Shorten at the hem by 2 cm', 'the new edge 2 cm higher');
});

test('a sleeve is drawn on at its end only where it gets longer and has nothing there to keep', function (array $changes, string $how): void {
    $body = ['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 58];
    expect(WorkPlan::of(planOf($changes + $body))->steps[0]->text)->toContain($how);
})->with([
    'longer' => [[], 'extend it at its lower end'],
    'a cuff' => [['pattern.pieces' => [['name' => 'cuff', 'follows' => 'frame']]], 'half way between underarm and elbow, spread'],
    'a printed line' => [['pattern.lengthen_lines' => ['sleeve']], 'at the printed line in the sleeve, spread'],
    'shorter' => [['body.sleeve_length' => 56], 'half way between underarm and elbow, overlap'],
]);

test('pieces of one shape are pinned together before anything is changed, and parted last', function () use ($stepped, $kinds): void {
    $pieces = ['pattern.pieces' => [
        ['name' => 'front'], ['name' => 'front yoke', 'part_of' => 'front'], ['name' => 'back', 'part_of' => 'whole back'],
    ]];
    expect($kinds($stepped + $pieces))->toBe(['pin', 'blend', 'part'])->and($kinds($pieces))->toBe([])
        ->and(WorkPlan::of(planOf($stepped + $pieces))->steps[0]->text)->toContain('Pin front and front yoke together', 'they make the front');
});

test('lining, skirt and armhole facing get what their seams get, each with its amounts', function (): void {
    $steps = WorkPlan::of(planOf([
        'body' => ['full_bust' => 96, 'high_bust' => 91, 'waist' => 77.6, 'hip' => 96], 'choices.lead' => 'high_bust_as_is',
        'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'in_line'],
        'pattern.pieces' => [
            ['name' => 'front'], ['name' => 'back'], ['name' => 'front lining'], ['name' => 'armhole facing', 'follows' => 'frame'],
            ['name' => 'skirt back', 'follows' => 'waist_and_hip'], ['name' => 'collar', 'follows' => 'frame'],
        ],
    ]))->steps;
    $joins = array_values(array_filter($steps, static fn (WorkStep $step): bool => $step->kind === 'join'));
    expect(array_map(static fn (WorkStep $step): string => explode(', as', $step->text)[0], $joins))->toBe([
        'Front lining: bust out 1 cm, waist out 0.9 cm', 'Armhole facing: bust out 1 cm', 'Skirt back: waist out 0.9 cm',
    ])->and($steps[0]->pieces)->toBe(['front', 'back'])->and($steps[0]->text)->not->toContain('Facing, lining');
});

test('the sleeve is the wish and what is turned up, less the paper', function (array $changes, ?float $cm): void {
    expect(planOf($changes)->lengths->sleeve)->toEqual($cm === null ? null : cm($cm));
})->with([
    [['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 58], 2],
    [['body.sleeve_length' => 60, 'pattern.seam.sleeve_length' => 62, 'pattern.seam.sleeve_hem_allowance' => 3], 1],
    [['body.sleeve_length' => 60], null], [['pattern.seam.sleeve_length' => 62], null],
]);

test('a bust adjustment says how, by pivoting or by slashing', function (): void {
    $text = static fn (array $changes): string => array_slice(WorkPlan::of(planOf($changes))->steps, -1)[0]->whole();
    expect(
        $text(['body.high_bust' => 91, 'body.full_bust' => 96, 'choices.lead' => 'high_bust_as_is']),
    )->toContain('Full bust adjustment of 4 cm', 'pivot 1 cm at each of the four edges')
        ->and(
            $text(['body.high_bust' => 86, 'body.full_bust' => 100, 'choices.lead' => 'high_bust']),
        )->toContain('slash and spread the front only, 4 cm on each front half')
        ->and($text(['body.high_bust' => 95, 'body.full_bust' => 95, 'choices.lead' => 'high_bust']))->toContain('Small bust adjustment');
});

test('pieces follow the sizes they join', function (): void {
    $plan = planOf(['body' => ['full_bust' => 92, 'waist' => 78, 'hip' => 107], 'pattern.pieces' => [
        [
            'name' => 'front',
            'follows' => 'all_levels',
        ], ['name' => 'sleeve', 'follows' => 'frame'], ['name' => 'band', 'follows' => 'waist'],
        [
            'name' => 'skirt',
            'follows' => 'waist_and_hip',
        ], ['name' => 'yoke', 'follows' => 'hip'], ['name' => 'pocket', 'follows' => 'one_size'],
        ['name' => 'front C', 'follows' => 'frame', 'cups' => ['C']],
    ]]);
    $cut = array_map(static fn (PieceCut $piece): array => [$piece->piece->name, array_map($plan->nameOf(...), $piece->sizes)], PieceCut::all($plan));
    expect($cut)->toBe([
        ['front', ['12', '14', '16']],
        ['sleeve', ['12']],
        ['band', ['14']],
        ['skirt', ['14', '16']],
        ['yoke', ['16']],
        ['pocket', []],
    ]);
});

test('a pattern that lists no pieces is told none, whatever its garment usually has, and of no sleeve', function (): void {
    $plan = planOf(['pattern.garment' => 'skirt', 'choices.front_larger' => ['waist' => 1], 'body.waist' => 82]);
    $said = implode(' ', array_map(static fn (WorkStep $step): string => $step->text, WorkPlan::of($plan)->steps));
    expect(PieceCut::all($plan))->toBe([])->and($said)->toContain('Pieces are not listed yet: what is done to front and back is done to lining, facing and band where they share the seam.')
        ->and($said)->not->toContain('sleeve');
});

test('less than a millimetre an edge is nobody’s step, on no piece and on no line of the sheet', function (float $taken, int $steps, int $pieces): void {
    $plan = planOf(['choices.take' => ['waist' => 'sew'], 'body.waist' => 74 - $taken, 'pattern.pieces' => [['name' => 'front'], ['name' => 'band', 'follows' => 'waist']]]);
    expect(WorkPlan::of($plan)->steps)->toHaveCount($steps)->and(array_filter(array_map(static fn (PieceCut $piece): array => $piece->changes, PieceCut::all($plan))))->toHaveCount($pieces);
})->with([[0.39, 0, 0], [0.4, 2, 1]]);

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

test('front and back unlike keep the sum, and their seams are walked', function (): void {
    $plan = planOf(['choices.front_larger' => ['bust' => 1, 'waist' => 1]]);
    expect(array_map($plan->nameOf(...), $plan->frontBack->front->known()))->toBe(['bust' => '14', 'waist' => '14', 'hip' => '12'])
        ->and(array_map($plan->nameOf(...), $plan->frontBack->back->known()))->toBe(['bust' => '10', 'waist' => '10', 'hip' => '12'])
        ->and($plan->levels['bust']->asCut)->toEqual(cm(100))
        ->and($plan->seam->front)->not->toEqual($plan->seam->back)
        ->and($plan->backStations())->not->toBeNull()
        ->and(WorkPlan::of($plan)->steps[0]->text)->toContain('at the bust the front in 14 and the back in 10', 'Walk the side seams')
        ->and(planOf([])->backStations())->toBeNull()
        ->and(planOf([])->seam->difference()->isZero())->toBeTrue();
});

test('where the sizes end front and back both stop, so that the sum stays', function (): void {
    $sizes = static fn ($plan): array => [$plan->nameOf($plan->frontBack->front->bust), $plan->nameOf($plan->frontBack->back->bust)];
    $last = planOf(['choices.sizes' => ['bust' => '18'], 'choices.front_larger' => ['bust' => 1]]);
    $near = planOf(['choices.sizes' => ['bust' => '10'], 'choices.front_larger' => ['bust' => -3]]);
    expect($sizes($last))->toBe(['18', '18'])->and(cautionsOf($last))->toContain('unlike_cut_short bust')
        ->and($sizes($near))->toBe(['8', '12'])->and(cautionsOf($near))->toContain('unlike_cut_short bust');
});

test('front and back that no longer go together are said', function (): void {
    expect(cautionsOf(planOf(['choices.front_larger' => ['hip' => 3]])))->toContain('seams_differ')
        ->and(cautionsOf(planOf(['choices.front_larger' => ['bust' => 1, 'waist' => 1, 'hip' => 1]])))->not->toContain('seams_differ');
});

test('the sentence under the headline counts steps and cautions', function (array $changes, string $sentence): void {
    expect(Headline::details(planOf($changes)))->toBe($sentence);
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
        'One line to cut, front and back alike; one step to blend, a wide one; one caution that matters.',
    ],
    [
        ['body' => ['full_bust' => 92, 'waist' => 82, 'hip' => 103]],
        'One line to cut, front and back alike; two steps to blend, one of them wide; one caution that matters.',
    ],
]);

<?php

declare(strict_types=1);

use Tests\Support\Story;

/*
 * What each of the ways of working lacked at its end, once the size is chosen: told on the sheet, with figures worked by hand. The plain
 * dress is that of the stories.
 */

beforeEach(fn () => $this->actingAs(someone()));

const FITS = ['full_bust' => '92', 'waist' => '74', 'hip' => '99'];

/** @return array<string, float> what the tape is held against, by its words, in centimetres */
function heldAgainst(Story $story): array
{
    return array_map(floatval(...), array_column($story->sheet()['checks'], 'length', 'what'));
}

/** @return list<string> */
function missedOn(Story $story): array
{
    return array_column($story->sheet()['missing'], 'field');
}

test('1: a measured arm asks for the sleeve laid flat; with it the sleeve is let out', function (): void {
    // 36 wide less two allowances of 1.5 is 33; an arm of 32 wants 35: 2 more, 1 at each edge.
    $pieces = [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve']];
    $asked = Story::begin($this, FITS + ['bicep' => '32'], ['pieces' => $pieces]);
    expect(missedOn($asked))->toContain('pattern.flat_checks.bicep')->and($asked->steps())->not->toContain('sleeve-width');
    $told = $asked->from(['pieces' => $pieces, 'seam' => Story::plain()['seam'] + ['seam_allowance' => '1.5'], 'flat_checks' => ['bicep' => ['size' => '12', 'panels' => [['name' => 'sleeve', 'width' => '36', 'times' => 1, 'allowances' => 2]]]]]);
    expect(missedOn($told))->not->toContain('pattern.flat_checks.bicep')
        ->and($told->applies('sleeve-width'))->toBe(['sleeve sleeve_seam bicep 1 after trace'])
        ->and($told->step('sleeve-width')['text'])->toContain('towards the lower end of the seam on line 12');
});

test('1: a tummy that is typed is answered; a waist that is declined is marked', function (): void {
    // 79 at the waist and 106 at the hip, half way down (10 of 20): 92.5.
    $story = Story::begin($this, FITS + ['tummy' => '81', 'waist_to_tummy' => '10', 'underarm_to_waist' => '22'])->choose(['lengths' => ['above_waist' => '0']]);
    expect(heldAgainst($story)['round the garment at the tummy, for 81 cm of body'] ?? null)->toBe(92.5)
        ->and($story->step('trace')['text'])->toContain("Mark the wearer's own waist 2 cm below the paper's waist");
});

test('1: a short sleeve that is to be long has its step; one with a cuff is cut twice', function (): void {
    $seam = ['sleeve_length' => '36'] + Story::plain()['seam'];
    $body = FITS + ['sleeve_length' => '60'];
    $short = Story::begin($this, $body, ['pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve']], 'seam' => $seam]);
    expect($short->applies('length-sleeve'))->toBe(['sleeve hem sleeve 24 after trace'])->and($short->step('length-sleeve')['text'])->toContain('draw both edges straight on');
    $cuffed = $short->from(['pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'sleeve'], ['name' => 'cuff']], 'seam' => $seam]);
    expect($cuffed->step('length-sleeve')['text'])->toContain('split it over two lines');
});

test('2: the lines of the view are traced', function (): void {
    $story = Story::begin($this, FITS, ['views' => ['A', 'B']])->choose(['view' => 'B']);
    expect($story->step('trace')['text'])->toContain('those of view B');
});

test('3: paper is cut between the marks that stand farthest apart, and what hangs below goes with it', function (): void {
    // Notch 4 below the underarm: the 16 from there to the waist are the wider gap. The slit begins 12 below the hip.
    $places = [['name' => 'bust notch', 'level' => 'bust', 'below' => '4'], ['name' => 'slit', 'level' => 'hip', 'below' => '12', 'pieces' => ['back']]];
    $story = Story::begin($this, FITS + ['underarm_to_waist' => '22', 'waist_to_hem' => '64'], ['places' => $places, 'seam' => ['hem_allowance' => '3'] + Story::plain()['seam'], 'notions' => [['name' => 'zip', 'by_size' => array_fill(0, 6, '55 cm')]]]);
    expect($story->step('length-above_waist')['text'])->toContain('half way between bust notch and waist')->toContain('gets 2 cm longer: is your zip?')->toContain('slit (back): goes 2 cm down')
        ->and($story->step('length-hem')['text'])->toContain('cut across half way between hip and slit');
});

test('4: a reason at a free level orders nothing', function (): void {
    $story = Story::begin($this, ['waist' => '75'] + FITS, ['levels' => ['waist' => 'free']]);
    $whys = array_column($story->plan()['levels'][1]['opinions'], 'why', 'school');
    expect($whys['drafted'])->toContain('1 cm too little')->not->toContain('let out')->and($story->steps())->toBe(['trace']);
});

test('5: with room three times the least nobody blends: one size is offered, and taken it is one', function (): void {
    $loose = ['full_bust' => ['110', '114', '118', '122', '126', '131'], 'waist' => ['100', '104', '108', '112', '116', '121'], 'hip' => ['112', '116', '120', '124', '128', '133']];
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '79', 'hip' => '103'], ['finished' => $loose])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect($story->plan()['roomy_in'])->not->toBeNull()->and($story->steps())->toContain('draw');
    $size = $story->plan()['roomy_in'];
    expect($story->choose(['sizes' => array_fill_keys(['bust', 'waist', 'hip'], $size)])->steps())->not->toContain('draw')
        ->and($story->plan()['roomy_in'])->toBeNull()
        ->and(Story::begin($this, ['waist' => '79'] + FITS)->plan()['roomy_in'])->toBeNull();
});

test('6: what the least room asks for has its reason beside it', function (): void {
    $why = fn (string $waist, array $choices): ?string => Story::begin($this, ['waist' => $waist] + FITS)->choose($choices)->plan()['levels'][1]['take_why'];
    // 10 is finished at 75: 1 cm is left of it, and the least is 2.5.
    expect($why('74', ['ease' => 'chart', 'sizes' => ['waist' => '10']]))->toBe('so that 2.5 cm of room is left')
        // 79 less 74 and the least of 4: 1 of the 2 that are too much.
        ->and($why('72', ['ease' => 'drafted', 'sizes' => ['waist' => '12'], 'least_ease' => ['waist' => '6']]))->toBe('no more, so that 6 cm of room is left')
        // 10 leaves 4.5, and 5 is asked for: 12 is the nearest of those that do; 2 + 1.5 too much, of which 8.5 - 5 are taken.
        ->and($why('70.5', ['ease' => 'drafted', 'least_ease' => ['waist' => '5']]))->toBe('10 is nearer, but leaves 4.5 cm of room')
        ->and($why('72', ['ease' => 'drafted', 'take' => ['waist' => 'in_line']]))->toBeNull();
});

test('7: a narrower seam is told as an allowance; anything in cloth is staystitched, and a lining is the toile', function (): void {
    // 1.5 less 0.3.
    $story = Story::begin($this, FITS, ['pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'front lining'], ['name' => 'back lining']], 'seam' => ['seam_allowance' => '1.5'] + Story::plain()['seam']])
        ->found([['place' => 'waist', 'what' => 'narrower', 'amount' => '0.3', 'tracing' => 2]]);
    expect($story->step('finding-waist-narrower-both-2')['text'])->toContain('at 1.2 cm instead of 1.5 cm')
        ->and($story->page()['toile'])->toContain('tack the lining first')->toContain('Staystitch neck and armholes');
});

test('7 and 14: the lining first changes the order of the sheet; a bodice can be tried alone', function (): void {
    $story = Story::begin($this, ['waist' => '79'] + FITS, ['pieces' => [['name' => 'front'], ['name' => 'back'], ['name' => 'front lining'], ['name' => 'back lining']]]);
    expect(array_column($story->page()['try_first_ways'], 'value'))->toBe(['bodice', 'lining'])->and(array_keys($story->pieces()))->toBe(['front', 'back', 'front lining', 'back lining']);
    $lining = $story->choose(['try_first' => 'lining']);
    expect(array_keys($lining->pieces()))->toBe(['front lining', 'back lining', 'front', 'back'])
        ->and($lining->sheet()['try_first'][0])->toStartWith('Cut and tack the lining first')
        ->and($lining->step('walk')['text'])->toContain('Lay each outer on its lining');
    expect($story->choose(['try_first' => 'bodice'])->sheet()['try_first'][0])->toStartWith("Make a toile of the bodice alone: front and back, cut off a hand's width below the waist.");
    // Without a lining there is none to cut first.
    expect(Story::begin($this, FITS)->choose(['try_first' => 'lining'])->page()['try_first'])->toBeNull();
});

test('7: pieces for cups are not left out in silence where the cup is not known', function (): void {
    $pieces = [['name' => 'centre front'], ['name' => 'side front B', 'cups' => ['B']], ['name' => 'side front D', 'cups' => ['D']], ['name' => 'back']];
    $story = Story::begin($this, FITS, ['pieces' => $pieces]);
    expect(missedOn($story))->toContain('body.high_bust')->and($story->step('trace')['text'])->toContain("Which is cut of side front B and side front D isn't known without the high bust");
    // 92 less 87 is a B.
    $known = Story::begin($this, ['high_bust' => '87'] + FITS, ['pieces' => $pieces]);
    expect(missedOn($known))->not->toContain('body.high_bust')->and($known->step('trace')['text'])->not->toContain("isn't known");
});

test('7: a crop is as long as it is typed, and its lower edge gets what the side has moved by there', function (): void {
    $crop = ['shoulder', ['level' => 'waist', 'below' => '-5']];
    $seam = ['waist_to_hem_edge' => '-5', 'hem_allowance' => '2'] + array_diff_key(Story::plain()['seam'], ['hip_to_hem' => 1]);
    $story = Story::begin($this, ['waist_to_hem' => '-4'] + FITS, ['garment' => 'top', 'seam' => $seam, 'pieces' => [['name' => 'front', 'reaches' => $crop], ['name' => 'back', 'reaches' => $crop]]]);
    // 4 above the waist with 2 to turn up, on paper that ends 5 above it.
    expect($story->applies('length-hem'))->toBe(['front hem front hem 3 after trace', 'back hem back hem 3 after trace'])
        ->and($story->step('walk')['text'])->not->toContain('notch at');
    // Half a centimetre at the waist, 15 of 20 down: 3 t^2 - 2 t^3 of it, at three quarters 27/32.
    expect($story->found([['place' => 'waist', 'what' => 'add', 'amount' => '0.5', 'tracing' => 2]])->applies('draw'))
        ->toBe(['front side front bust 0 from 12', 'back side back bust 0 from 12', 'front side front hem 0.4219 from 12', 'back side back hem 0.4219 from 12'])
        ->and($story->step('draw')['text'])->not->toContain('finds no piece')->not->toContain('tissue');
});

test('7: a front that is lengthened by itself meets its back in figures', function (): void {
    $story = Story::begin($this, FITS)->found([['place' => 'bust', 'what' => 'lengthen', 'amount' => '1', 'where' => 'front', 'tracing' => 2]]);
    $step = array_values(array_filter($story->sheet()['steps'], static fn (array $one): bool => $one['kind'] === 'finding'))[0];
    expect($step['text'])->toContain('the front is 1 cm longer there than the back')->toContain('ease 1 cm');
});

test('11: a pleat that the new line crosses is folded closed before it is drawn', function (): void {
    // 8 cm between 12 and 16 at the waist are 2 an edge; half way down it is half of that.
    $places = [['name' => 'waist pleat', 'level' => 'waist', 'below' => '0'], ['name' => 'side notch', 'level' => 'waist', 'below' => '-10']];
    $story = Story::begin($this, ['waist' => '79'] + FITS, ['places' => $places])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect($story->step('draw')['text'])->toContain('Where the new line crosses waist pleat: fold it closed')->toContain('where it lies at the side, waist pleat to line 16 and side notch to 1 cm outside line 12.')
        ->and($story->from(['places' => array_slice($places, 1)])->choose(['ease' => 'chart', 'pick' => 'level'])->step('draw')['text'])->not->toContain('fold it closed');
});

test('8: cup, range and view say which sheets are the right ones, on bench and sheet alike', function (): void {
    $story = Story::begin($this, ['high_bust' => '85'] + FITS, [
        'views' => ['A', 'B'], 'cups' => ['measure' => 'high_bust_difference', 'finished' => ['C' => ['95', '99', '103', '107', '111', '116']]],
        'ranges' => [['name' => 'Misses 8 to 12', 'sizes' => ['8', '10', '12']], ['name' => 'Misses 14 to 18', 'sizes' => ['14', '16', '18']]],
    ])->choose(['view' => 'B', 'lead' => 'cup']);
    expect($story->plan()['cut_from'])->toBe(['cup C', 'Misses 8 to 12', 'view B'])->and($story->page()['cut_from'])->toBe($story->plan()['cut_from']);
});

test('10: elastic without a printed length is the waist and its overlap; what is printed comes out as it went in', function (): void {
    $notions = [['name' => 'Elastic 1/4 in', 'by_size' => array_fill(0, 6, null)], ['name' => 'sleeve elastic', 'by_size' => array_fill(0, 6, '')], ['name' => 'Bias tape', 'by_size' => array_fill(0, 6, '1 3/8 yd')]];
    $story = Story::begin($this, ['waist' => '79'] + FITS, ['notions' => $notions]);
    // 79 and 2.5.
    expect(array_column($story->page()['needs'], 'text', 'name'))->toBe(['Elastic 1/4 in' => '81.5 cm (the waist and 2.5 cm to overlap)', 'Bias tape' => '1 3/8 yd']);
});

test('10: a high bust without a full bust leads, and is known on the bench', function (): void {
    $story = Story::begin($this, ['high_bust' => '85', 'waist' => '70', 'hip' => '95'], ['body_chart' => ['high_bust' => ['81', '85', '89', '93', '97', '101']] + Story::plain()['body_chart']]);
    $plan = $story->plan();
    expect($plan['headline'])->toBe('10 all the way.')->and($plan['frame']['lead'])->toBe('high_bust')
        ->and([$plan['levels'][0]['measure_nm'], $plan['levels'][0]['stands_in_nm'], $plan['levels'][0]['sure_of']])->toBe([null, 850_000_000, 'high bust'])
        ->and($plan['levels'][1]['stands_in_nm'])->toBeNull()->and(array_column($plan['cautions'], 'short'))->toBe(['Size by the high bust; full bust not measured']);
});

test('10: what challis and gauze mean for the choice is said of each', function (): void {
    $story = Story::begin($this, ['waist' => '79'] + FITS, ['cloths' => 'Cotton lawn, rayon challis, double gauze.']);
    expect(array_map(static fn (string $said): string => explode(':', $said)[0], $story->cloth()['words']))->toBe(['Double gauze', 'Challis', 'Lawn']);
});

test('9: a back that is longer than the pattern\'s is opened across, at the centre alone', function (): void {
    $long = ['back_length' => '44', 'underarm_to_waist' => '21'] + FITS;
    $pieces = [['name' => 'front', 'on_fold' => true], ['name' => 'back', 'on_fold' => true], ['name' => 'back lining', 'times' => 2], ['name' => 'back neck facing']];
    // 44 less the 41.5 of size 12, of which 1 is spread all round above the waist.
    $story = Story::begin($this, $long, ['pieces' => $pieces, 'lengths' => ['back_length' => ['40.5', '41', '41.5', '42', '42.5', '43']]]);
    expect($story->applies('length-back'))->toBe(['back across back back 1.5 after trace', 'back lining across back back 1.5 after trace'])
        ->and($story->step('length-back')['text'])->toContain('Open the back alone across the shoulder blades, 1.5 cm wide at the centre back.')->toContain('back: on the fold, which bends at the cut')->toContain('nothing at the armhole')
        ->and($story->pieces()['front'])->not->toContain('length-back')->and($story->pieces()['back'])->toContain('length-back: back back 1.5 across');
    // A quarter inch is nobody's alteration.
    expect($story->from(['lengths' => ['back_length' => '42.5']])->steps())->not->toContain('length-back');
    $flat = $story->from(['lengths' => ['back_length' => '45'], 'pieces' => [['name' => 'front'], ['name' => 'back', 'times' => 2]]]);
    expect($flat->step('length-back')['text'])->toContain('Fold the back alone')->toContain('2 cm deep')->toContain('True the centre back seam')
        ->and($flat->applies('length-back'))->toBe(['back across back back -2 after trace']);
});

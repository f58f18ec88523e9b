<?php

declare(strict_types=1);

use Tests\Support\Story;

/**
 * One story for each way of working (trade.md): walked from the card to the cut sheet over HTTP, with figures worked by hand beside
 * them. Bodies are invented. The plain dress grades by 4 cm, so that lines stand 1 cm apart at each of four edges.
 */
/** The lines’ table where nothing moves. */
const NOTHING_TOLD = ['bust' => [], 'waist' => [], 'hip' => []];

beforeEach(fn () => $this->actingAs(someone()));

/** @return list<array<string, mixed>> */
function piecesNamed(string ...$names): array
{
    return array_map(static fn (string $name): array => ['name' => $name], $names);
}

test('1: by quarters on a tissue with darts, against the ease one likes', function (): void {
    // Tissue of 12 on the stitching line: 2 x (24.5 - 3) + 2 x (21.5 - 2) = 82; the waist of 76 with 6 of ease asks for just that.
    $panels = [['name' => 'front', 'width' => '24.5', 'darts' => '3'], ['name' => 'back', 'width' => '21.5', 'darts' => '2']];
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '76', 'hip' => '99'], [
        'finished' => ['full_bust' => ['92', '96', '100', '104', '108', '113'], 'hip' => ['98', '102', '106', '110', '114', '119']],
        'flat_checks' => ['waist' => ['size' => '12', 'panels' => $panels]],
    ])->choose(['ease' => 'liked', 'liked_ease' => ['bust' => '8', 'waist' => '6', 'hip' => '7'], 'pick' => 'level']);
    expect($story->line('waist'))->toMatchArray(['front' => '12', 'as_cut' => 82, 'room' => 6])->and($story->steps())->toBe(['trace'])
        ->and($story->step('trace')['text'])->toBe('Trace line 12, front and back.')
        ->and($story->told(10.0))->toBe(['line' => '12', 'move' => 0.0, 'on' => true]);
    // Without a list of pieces none of them is told; nothing moves, so no level is told either.
    expect($story->pieces())->toBe([])
        ->and($story->lines())->toBe(NOTHING_TOLD);
});

test('2: going up between sizes, a straight blend, and bands that keep the sizes of what they hold', function (): void {
    // Waist 79 is over 78: 16. Half way down half of the gap of 2 cm an edge is crossed, which is where line 14 lies.
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '79', 'hip' => '99'], ['pieces' => piecesNamed('front', 'back', 'neck band', 'hem band')])
        ->choose(['ease' => 'chart', 'between' => 'up', 'pick' => 'level', 'blend' => 'straight']);
    expect(array_map($story->line(...), ['bust', 'waist', 'hip']))->sequence(fn ($line) => $line->front->toBe('12'), fn ($line) => $line->front->toBe('16'), fn ($line) => $line->front->toBe('12'))
        ->and($story->steps())->toBe(['trace', 'draw', 'bands-12', 'walk'])
        ->and($story->applies('draw'))->toBe(['front side front bust 0 from 12', 'front side front waist 0 from 16', 'front side front hip 0 from 12', 'back side back bust 0 from 12', 'back side back waist 0 from 16', 'back side back hip 0 from 12'])
        ->and($story->told(7.5))->toBe(['line' => '12', 'move' => 0.75, 'on' => false])->and($story->told(15.0))->toBe(['line' => '16', 'move' => -0.5, 'on' => false])
        ->and(array_column(array_column($story->sheet()['pieces'], 'cut_in', 'name'), 'frame'))->toBe(['12', '12', '12', null])
        ->and($story->sheet()['pieces'][3]['cut_in']['front'])->toBe(['12']);
    // A line that is traced is no amount; the waist lies on 16, 0 from there, and its bands are cut in one size.
    expect($story->pieces())->toBe(['front' => ['draw: waist 0 each edge'], 'back' => ['draw: waist 0 each edge'], 'neck band' => [], 'hem band' => []])
        ->and($story->lines())->toBe(['bust' => [], 'waist' => ['each edge on line 16'], 'hip' => []]);
});

test('3: by the finished table two sizes below the chart, with a short sleeve', function (): void {
    // The chart says 18 for 104; 104 finished and no more ease is 14. Sleeve: 20 wished and 2 turned up, less the paper's 25.
    $story = Story::begin($this, ['full_bust' => '104', 'waist' => '84', 'hip' => '107', 'sleeve_length' => '20'], [
        'pieces' => piecesNamed('front', 'back', 'sleeve'),
        'seam' => ['underarm_to_waist' => '20', 'waist_to_hip' => '20', 'hip_to_hem' => '40', 'sleeve_length' => '25', 'sleeve_hem_allowance' => '2'],
    ])->choose(['ease' => 'liked', 'liked_ease' => ['bust' => '0', 'waist' => '3', 'hip' => '7'], 'pick' => 'level', 'lead' => 'full_bust']);
    expect($story->line('bust'))->toMatchArray(['front' => '14', 'as_cut' => 104, 'room' => 0])->and($story->line('waist'))->toMatchArray(['front' => '16', 'as_cut' => 87])
        ->and($story->cautions())->toContain('sized_down bust')
        ->and($story->applies('length-sleeve'))->toBe(['sleeve hem sleeve -3 after trace'])
        ->and($story->step('length-sleeve')['amounts'][0])->toMatchArray(['amount' => -3, 'shown' => '3 cm', 'other' => '1 3/16 in']);
    expect($story->pieces())->toBe(['front' => ['draw: waist 0 each edge', 'draw: hip 0 each edge'], 'back' => ['draw: waist 0 each edge', 'draw: hip 0 each edge'], 'sleeve' => ['length-sleeve: sleeve -3 the hem']])
        ->and($story->lines())->toBe(['bust' => [], 'waist' => ['each edge on line 16'], 'hip' => ['each edge on line 16']]);
});

test('4: intended fit, what is left over at the centre back and in the seams, on bodice and skirt', function (): void {
    // Waist 72 in a 12 for 74: 2 too much. 1 at the centre back is 0.5 at each of its edges; the other 1 is 0.25 at each of four, sewn.
    $pieces = [['name' => 'bodice front'], ['name' => 'bodice back', 'times' => 2], ['name' => 'skirt front'], ['name' => 'skirt back', 'times' => 2]];
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '72', 'hip' => '99'], ['pieces' => $pieces])
        ->choose(['ease' => 'drafted', 'pick' => 'level', 'centre_back' => ['waist' => '1']]);
    expect($story->steps())->toBe(['trace', 'centre_back-waist', 'sew-waist', 'walk'])
        ->and($story->applies('centre_back-waist'))->toBe(['bodice back centre_back back waist -0.5 after trace', 'skirt back centre_back back waist -0.5 after trace'])
        ->and($story->applies('sew-waist'))->toBe(['bodice front side front waist sewn -0.25 after trace', 'skirt front side front waist sewn -0.25 after trace', 'bodice back side back waist sewn -0.25 after trace', 'skirt back side back waist sewn -0.25 after trace'])
        ->and($story->step('sew-waist')['text'])->toContain('0.25 cm deeper: at 1.75 cm instead of 1.5 cm')
        ->and($story->line('waist'))->toMatchArray(['as_cut' => 77, 'room' => 5]);
    // The centre back is the back’s alone; the seams take theirs on every piece that has a side.
    expect($story->pieces())->toBe(['bodice front' => ['sew-waist: waist -0.25 each edge'], 'bodice back' => ['centre_back-waist: back waist -0.5 centre back edges', 'sew-waist: waist -0.25 each edge'], 'skirt front' => ['sew-waist: waist -0.25 each edge'], 'skirt back' => ['centre_back-waist: back waist -0.5 centre back edges', 'sew-waist: waist -0.25 each edge']])
        ->and($story->lines())->toBe(['bust' => [], 'waist' => ['centre back edges 0.5 cm in', 'each edge sewn 0.25 cm deeper'], 'hip' => []]);
});

test('5: a boxy top in one size by the larger of bust and hip, a fitted one blended, a halter whose bindings stay', function (): void {
    // Hip 103 is a 14, bust 92 a 12: boxy it is 14 all the way.
    $body = ['full_bust' => '92', 'waist' => '74', 'hip' => '103'];
    $boxy = Story::begin($this, $body, ['garment' => 'top', 'cut_as' => 'one_size', 'levels' => ['bust' => 'matters', 'waist' => 'free', 'hip' => 'matters'], 'pieces' => piecesNamed('front', 'back', 'neck binding', 'armhole binding')]);
    expect($boxy->steps())->toBe(['trace'])->and($boxy->line('bust')['front'])->toBe('14')->and($boxy->line('waist')['front'])->toBe('14')
        ->and(array_column($boxy->sheet()['pieces'], 'amounts', 'name')['armhole binding'])->toBe([]);
    $fitted = $boxy->from(['garment' => 'top'])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect([$fitted->line('bust')['front'], $fitted->line('waist')['front'], $fitted->line('hip')['front']])->toBe(['12', '12', '14'])
        ->and($fitted->steps())->toBe(['trace', 'draw', 'walk'])->and($fitted->sheet()['pieces_confirmed'])->toBeFalse();
    expect($boxy->pieces())->toBe(['front' => [], 'back' => [], 'neck binding' => [], 'armhole binding' => []])
        ->and($boxy->lines())->toBe(['bust' => ['4 cm too much, left'], 'waist' => [], 'hip' => []])
        ->and($fitted->pieces())->toBe([])
        ->and($fitted->lines())->toBe(['bust' => [], 'waist' => [], 'hip' => ['each edge on line 14']]);
});

test('6: by envelope, view and fit, and the tape test of the garment as it is cut', function (): void {
    // Curvy hips are finished 4 wider: 12 for a hip of 99 is 110, and leaves 11.
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '74', 'hip' => '99'], [
        'ranges' => [['name' => '8-10', 'sizes' => ['8', '10'], 'draft' => 'one', 'owned' => true], ['name' => '12-18', 'sizes' => ['12', '14', '16', '18'], 'draft' => 'one', 'owned' => false]],
        'views' => ['A', 'B'], 'fits' => ['slim', 'curvy'], 'finished_by' => [['fit' => 'curvy', 'finished' => ['hip' => ['102', '106', '110', '114', '118', '123']]]],
        'fabric_needs' => [['view' => 'B', 'cloth' => 'linen', 'width' => '150', 'amounts' => ['2 m', '2 m', '2.2 m', '2.2 m', '2.4 m', '2.4 m']]],
    ])->choose(['view' => 'B', 'fit' => 'curvy', 'ease' => 'chart']);
    expect($story->line('hip'))->toMatchArray(['front' => '12', 'as_cut' => 110, 'room' => 11])->and($story->line('waist'))->toMatchArray(['as_cut' => 79, 'room' => 5])
        ->and($story->cautions())->toContain('range_not_owned')->and($story->sheet()['head'])->toMatchArray(['view' => 'B', 'fit' => 'curvy'])
        ->and($story->sheet()['buy'])->toBe([['name' => 'linen', 'view' => 'B', 'width' => 150.0, 'amount' => 220.0, 'text' => '2.2 m']]);
    expect($story->pieces())->toBe([])
        ->and($story->lines())->toBe(NOTHING_TOLD);
});

test('7: cup pieces with a lining and princess seams, a raised armhole and a narrower seam', function (): void {
    // 0.3 narrower at two side seams of two edges each: 4 x 0.3 = 1.2 wider.
    $story = Story::begin($this, ['full_bust' => '92', 'high_bust' => '87', 'waist' => '74', 'hip' => '99'], ['pieces' => [
        ['name' => 'centre front', 'part_of' => 'front'], ['name' => 'side front B', 'part_of' => 'front', 'cups' => ['A', 'B']], ['name' => 'side front D', 'part_of' => 'front', 'cups' => ['D']],
        ['name' => 'back'], ['name' => 'front lining'], ['name' => 'back lining'],
    ]])->choose(['lead' => 'full_bust', 'ease' => 'drafted', 'pick' => 'level']);
    $plain = $story->line('waist')['as_cut'];
    $story->found([['place' => 'armhole', 'what' => 'raise', 'amount' => '1', 'where' => 'both', 'tracing' => 2], ['place' => 'waist', 'what' => 'narrower', 'amount' => '0.3', 'tracing' => 2]]);
    expect($story->line('waist')['as_cut'])->toEqualWithDelta($plain + 1.2, 1e-9)
        ->and($story->applies('finding-armhole-raise-both-2'))->toBe(['centre front armhole front bust up 1 after trace', 'side front B armhole front bust up 1 after trace', 'front lining armhole front bust up 1 after trace', 'back armhole back bust up 1 after trace', 'back lining armhole back bust up 1 after trace'])
        ->and($story->applies('finding-waist-narrower-both-2'))->toBe(['side front B side front waist sewn 0.3 after trace', 'front lining side front waist sewn 0.3 after trace', 'back side back waist sewn 0.3 after trace', 'back lining side back waist sewn 0.3 after trace'])
        ->and($story->steps())->toContain('pin-front')->and(array_column($story->sheet()['pieces'], 'name'))->not->toContain('side front D');
    // Of the pinned front the side front alone has the side seam; the armhole runs over both.
    expect($story->pieces())->toBe(['centre front' => ['finding-armhole-raise-both-2: bust 1 armhole edges'], 'side front B' => ['finding-armhole-raise-both-2: bust 1 armhole edges', 'finding-waist-narrower-both-2: waist 0.3 each edge'], 'back' => ['finding-armhole-raise-both-2: bust 1 armhole edges', 'finding-waist-narrower-both-2: waist 0.3 each edge'], 'front lining' => ['finding-armhole-raise-both-2: bust 1 armhole edges', 'finding-waist-narrower-both-2: waist 0.3 each edge'], 'back lining' => ['finding-armhole-raise-both-2: bust 1 armhole edges', 'finding-waist-narrower-both-2: waist 0.3 each edge']])
        ->and($story->lines())->toBe(['bust' => ['armhole edges 1 cm up'], 'waist' => ['each edge sewn 0.3 cm nearer the edge'], 'hip' => []]);
});

test('8: half-bust cups in two ranges, each with its own rule', function (): void {
    // Half the front 54 less half the underbust 46 is 8: a B by the small range's table, a D by the large one's, whose 16 has 104 for a D.
    $rule = static fn (string $cup): array => ['measure' => 'front_half_difference', 'table' => [['cup' => $cup, 'from' => '7', 'to' => '9']]];
    $story = Story::begin($this, ['full_bust' => '104', 'half_full_bust' => '54', 'half_underbust' => '46', 'waist' => '82', 'hip' => '107'], [
        'ranges' => [['name' => 'small', 'sizes' => ['8', '10', '12'], 'draft' => 'small'], ['name' => 'large', 'sizes' => ['14', '16', '18'], 'draft' => 'large', 'drafted_cup' => 'D']],
        'cups' => ['by_range' => ['small' => $rule('B'), 'large' => $rule('D')], 'body_chart' => ['B' => ['84', '88', '92', '96', '100', '105'], 'D' => [null, null, null, '100', '104', '109']]],
        'pieces' => [['name' => 'front B', 'cups' => ['B']], ['name' => 'front D', 'cups' => ['D']], ['name' => 'back']],
    ])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect([$story->line('bust')['front'], $story->line('waist')['front'], $story->line('hip')['front']])->toBe(['16', '16', '16'])
        ->and($story->steps())->toBe(['trace'])->and(array_column($story->sheet()['pieces'], 'name'))->toBe(['front D', 'back']);
    expect($story->pieces())->toBe(['front D' => [], 'back' => []])
        ->and($story->lines())->toBe(NOTHING_TOLD);
});

test('9: the front a size larger, the back a size smaller, and the sleeve\'s halves with them', function (): void {
    $story = Story::begin($this, ['full_bust' => '92', 'waist' => '74', 'hip' => '99'], ['pieces' => piecesNamed('front', 'back', 'sleeve')])
        ->choose(['front_larger' => ['bust' => 1, 'waist' => 1]]);
    // Half of 104 and half of 96 is the 100 of a 12.
    expect($story->line('bust'))->toMatchArray(['front' => '14', 'back' => '10', 'as_cut' => 100])->and($story->line('hip'))->toMatchArray(['front' => '12', 'back' => '12'])
        ->and($story->steps())->toBe(['trace', 'draw', 'armhole', 'sleeve-halves', 'walk'])
        ->and($story->applies('draw'))->toBe(['front side front bust 0 from 14', 'front side front waist 0 from 14', 'front side front hip 0 from 12', 'back side back bust 0 from 10', 'back side back waist 0 from 10', 'back side back hip 0 from 12'])
        ->and($story->sheet()['stations']['back'])->not->toBeNull();
    // Front in 14 and back in 10 at bust and waist; the sleeve’s halves with them.
    expect($story->pieces())->toBe(['front' => ['draw: front bust 0 front edge', 'draw: front waist 0 front edge', 'armhole: front bust 0 front armhole edges'], 'back' => ['draw: back bust 0 back edge', 'draw: back waist 0 back edge', 'armhole: back bust 0 back armhole edges'], 'sleeve' => ['sleeve-halves: front underarm 0 front edge of the sleeve', 'sleeve-halves: back underarm 0 back edge of the sleeve']])
        ->and($story->lines())->toBe(['bust' => ['front edges on line 14', 'back edges on line 10', 'front armhole edges on line 14', 'back armhole edges on line 10'], 'waist' => ['front edges on line 14', 'back edges on line 10'], 'hip' => []]);
});

test('10: by the high bust in letters and ranges', function (): void {
    // High bust 84 lies in an M's 82 to 86, waist and hip in an L's ranges. By the middles L is 8 wider at the bust and 9.5 at the waist:
    // a quarter down the gap is 2.09375 an edge, of which a curve has crossed 5/32.
    $story = Story::begin($this, ['high_bust' => '84', 'waist' => '78', 'hip' => '100'], [
        'sizes' => ['S', 'M', 'L', 'XL'], 'finished' => (object) [],
        'body_chart' => ['full_bust' => ['76-79', '82-86', '90-94', '98-102'], 'waist' => ['61-65', '67-71', '76-81', '86-91'], 'hip' => ['84-88', '90-94', '99-104', '109-114']],
    ])->choose(['lead' => 'high_bust_as_is', 'between' => 'down', 'pick' => 'level', 'blend' => 'curved']);
    expect([$story->line('bust')['front'], $story->line('waist')['front'], $story->line('hip')['front']])->toBe(['M', 'L', 'L'])
        ->and($story->told(5.0)['line'])->toBe('M')->and($story->told(5.0)['move'])->toEqualWithDelta(0.3271, 0.0001)->and($story->told(20.0))->toBe(['line' => 'L', 'move' => 0.0, 'on' => true])
        ->and($story->cautions())->toContain('bust_not_measured bust')->and($story->steps())->toBe(['trace', 'draw', 'walk']);
    expect($story->pieces())->toBe([])
        ->and($story->lines())->toBe(['bust' => [], 'waist' => ['each edge on line L'], 'hip' => ['each edge on line L']]);
});

test('11: the frame by the high bust, pivoted, with waist, skirt and waistband following', function (): void {
    // High bust 87 is a 12; 95 less its 92 is 3, a quarter of it 0.75. Waist 76: 2 more than 74, 0.5 an edge; hip 101 likewise.
    $story = Story::begin($this, ['full_bust' => '95', 'high_bust' => '87', 'waist' => '76', 'hip' => '101'], [
        'body_chart' => ['high_bust' => ['79', '83', '87', '91', '95', '100'], 'full_bust' => ['84', '88', '92', '96', '100', '105'], 'waist' => ['66', '70', '74', '78', '82', '87'], 'hip' => ['91', '95', '99', '103', '107', '112']],
        'pieces' => piecesNamed('bodice front', 'bodice back', 'skirt front', 'skirt back', 'waistband', 'sleeve'),
    ])->choose(['lead' => 'high_bust', 'ease' => 'drafted', 'sizes' => ['waist' => '12', 'hip' => '12']]);
    expect($story->steps())->toBe(['trace', 'adjust', 'draw', 'join-waistband', 'walk'])
        ->and($story->applies('adjust'))->toBe(['bodice front side front bust 0.75 from 12', 'bodice front side front waist 0.5 from 12', 'bodice back side back bust 0.75 from 12', 'bodice back side back waist 0.5 from 12'])
        ->and($story->applies('draw'))->toBe(['skirt front side front waist 0.5 from 12', 'skirt front side front hip 0.5 from 12', 'skirt back side back waist 0.5 from 12', 'skirt back side back hip 0.5 from 12'])
        // Two edges meet at each notch: 0.5 and 0.5.
        ->and($story->step('join-waistband')['amounts'][0])->toMatchArray(['amount' => 1, 'per' => 2, 'total' => 2])
        ->and($story->line('bust'))->toMatchArray(['as_cut' => 103, 'room' => 8])->and($story->line('waist'))->toMatchArray(['as_cut' => 81, 'room' => 5]);
    // The bodice is swung, the skirt slid; at each notch of the band 0.5 of the front and 0.5 of the back.
    expect($story->pieces())->toBe(['bodice front' => ['adjust: bust 0.75 each edge', 'adjust: waist 0.5 each edge'], 'bodice back' => ['adjust: bust 0.75 each edge', 'adjust: waist 0.5 each edge'], 'skirt front' => ['draw: waist 0.5 each edge', 'draw: hip 0.5 each edge'], 'skirt back' => ['draw: waist 0.5 each edge', 'draw: hip 0.5 each edge'], 'waistband' => ['join-waistband: waist 1 each side notch'], 'sleeve' => []])
        ->and($story->lines())->toBe(['bust' => ['each edge 0.75 cm out'], 'waist' => ['each edge 0.5 cm out', 'waistband, each side notch 1 cm longer'], 'hip' => ['each edge 0.5 cm out']]);
});

test('12: the frame by the front width, with a wider sleeve and an inset', function (): void {
    // Front width 34 is a 12. Upper arm 31 against the chart's 28: 3 more, 1.5 at each of two edges.
    $story = Story::begin($this, ['full_bust' => '95', 'cross_front' => '34', 'waist' => '74', 'hip' => '99', 'bicep' => '31'], [
        'body_chart' => ['cross_front' => ['32', '33', '34', '35', '36', '37'], 'full_bust' => ['84', '88', '92', '96', '100', '105'], 'waist' => ['66', '70', '74', '78', '82', '87'], 'hip' => ['91', '95', '99', '103', '107', '112'], 'bicep' => ['26', '27', '28', '29', '30', '31']],
        'pieces' => piecesNamed('front', 'front inset', 'back', 'sleeve', 'sleeve lining'),
    ])->choose(['ease' => 'drafted'])->found([['place' => 'inset', 'what' => 'add', 'amount' => '0.5', 'where' => 'front', 'tracing' => 2]]);
    expect($story->line('bust')['front'])->toBe('12')->and($story->cautions())->toContain('sleeve_narrow')
        ->and($story->applies('sleeve-width'))->toBe(['sleeve sleeve_seam bicep 1.5 after trace', 'sleeve lining sleeve_seam bicep 1.5 after trace'])
        ->and($story->step('finding-inset-add-front-2')['amounts'][0]['piece'])->toBe('front inset')
        ->and($story->applies('adjust')[0])->toBe('front side front bust 0.75 from 12');
    // 95 less the 92 of a 12 is 3, a quarter 0.75; back at the waist’s own line nothing is left of it.
    expect($story->pieces())->toBe(['front' => ['adjust: bust 0.75 each edge'], 'front inset' => ['finding-inset-add-front-2: front inset 0.5 the edge'], 'back' => ['adjust: bust 0.75 each edge'], 'sleeve' => ['sleeve-width: bicep 1.5 each edge of the sleeve'], 'sleeve lining' => ['sleeve-width: bicep 1.5 each edge of the sleeve']])
        ->and($story->lines())->toBe(['bust' => ['each edge 0.75 cm out'], 'waist' => [], 'hip' => []]);
});

test('13: measuring: the smallest waist and the largest hip of several count, and are what is cut for', function (): void {
    $story = Story::begin($this, ['full_bust' => ['92.5', '91.5', '92'], 'waist' => ['75', '74', '74.5'], 'hip' => ['98', '99']])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect($story->line('bust'))->toMatchArray(['front' => '12', 'room' => 8])->and($story->line('waist'))->toMatchArray(['front' => '12', 'room' => 5])->and($story->line('hip'))->toMatchArray(['front' => '12', 'room' => 7]);
    expect($story->pieces())->toBe([])
        ->and($story->lines())->toBe(NOTHING_TOLD);
});

test('14: two patterns for one body, each told by its own chart', function (): void {
    $first = Story::begin($this, ['full_bust' => '92', 'waist' => '79', 'hip' => '99'])->choose(['ease' => 'chart', 'pick' => 'level']);
    $second = $first->from(['name' => 'Roomier', 'body_chart' => ['full_bust' => ['86', '92', '98', '104', '110', '116'], 'waist' => ['73', '79', '85', '91', '97', '103'], 'hip' => ['93', '99', '105', '111', '117', '123']], 'finished' => (object) []])->choose(['ease' => 'chart', 'pick' => 'level']);
    expect($first->steps())->toBe(['trace', 'draw', 'walk'])->and($first->line('waist')['front'])->toBe('16')
        ->and($second->steps())->toBe(['trace'])->and($second->line('waist'))->toMatchArray(['front' => '10', 'as_cut' => null])
        ->and($second->cautions())->toContain('no_finished waist');
    expect($first->pieces())->toBe([])
        ->and($first->lines())->toBe(['bust' => [], 'waist' => ['each edge on line 16'], 'hip' => []])
        ->and($second->pieces())->toBe([])
        ->and($second->lines())->toBe(NOTHING_TOLD);
});

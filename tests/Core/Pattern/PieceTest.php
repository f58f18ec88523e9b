<?php

declare(strict_types=1);

use Underbolt\ChartPaste\Part\PastedPieces;
use Underbolt\ChartPaste\Part\PatternNames;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceLine;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Pattern\Pieces\Reach;
use Underbolt\Pattern\Pieces\ReachEnd;
use Underbolt\Pattern\Pieces\ReachPlace;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** @return list<string> what is proposed for pieces of one garment, each in a line */
function proposedLines(array $names, bool $hasBust = true, bool $isKnit = false, string $pattern = ''): array
{
    $shape = GarmentShape::of($hasBust, $isKnit, $pattern, $names);

    return array_map(static fn (string $name): string => PieceLine::of(PieceProposal::of($name, $shape), Unit::Centimetre), $names);
}

test('a name proposes what the piece is, in a line to be looked over', function (array $names, array $lines, array $more = []): void {
    expect(proposedLines($names, ...$more))->toBe($lines);
})->with([
    'a dress with a waist seam' => [
        ['1 bodice front', '2 bodice back', '3 skirt front', '4 sleeve', '5 neck facing', '6 waistband', '7 pocket', '8 front lining', 'skirt front lining'],
        ['front, side, neck, shoulder, armhole, waist, shoulder to waist', 'back, side, neck, shoulder, armhole, waist, shoulder to waist', 'front, side, waist, waist to hem', 'sleeve, sleeve head, sleeve seam, hem',
            'front and back, facing, neck, shoulder, at the shoulder', 'front and back, band, waist, at the waist', 'no seam of the garment touches it', 'front, lining, side, neck, shoulder, armhole, waist, shoulder to waist', 'front, lining, side, waist, waist to hem'],
    ],
    'princess seams' => [
        ['centre front', 'side front', 'armhole facing', 'hem facing'],
        ['front, princess, neck, shoulder, armhole, shoulder to hem', 'front, side, princess, armhole, shoulder to hem', 'front and back, facing, armhole, shoulder, side, shoulder to underarm', 'front and back, facing, side, at the hem'],
    ],
    'a front beside its side front, its lining whole' => [
        ['front', 'side front', 'back', 'side back', 'front lining', 'skirt front'],
        ['front, princess, neck, shoulder, armhole, waist, shoulder to waist', 'front, side, princess, armhole, waist, shoulder to waist', 'back, princess, neck, shoulder, armhole, waist, shoulder to waist', 'back, side, princess, armhole, waist, shoulder to waist',
            'front, lining, side, neck, shoulder, armhole, shoulder to hem', 'front, side, waist, waist to hem'],
    ],
    'a waistband in two, and one that is whole' => [['waistband front', 'waistband back', 'waistband'], ['front, band, side, waist, at the waist', 'back, band, side, waist, at the waist', 'front and back, band, waist, at the waist'], [false]],
    'what lies on a garment without its seams' => [
        ['waist casing', 'elastic guide', 'front stay', 'belt', 'tie'], array_fill(0, 5, 'no seam of the garment touches it'),
    ],
    'a front with its sleeve, an armband, a strip of the back’s neck' => [
        ['front with dolman sleeve', 'armband', 'back neck strip', 'neck strip'],
        ['front, side, neck, shoulder, shoulder to hem', 'binding, armhole', 'back, band, neck, at the shoulder', 'band, neck'],
    ],
    'a raglan, whose fronts have no armhole' => [['raglan sleeve', 'front'], ['sleeve, raglan, sleeve seam, hem', 'front, side, neck, raglan, shoulder to hem']],
    'a kimono, whose sleeve is its body' => [['front'], ['front, side, neck, shoulder, shoulder to hem'], [true, false, 'Kimono top']],
    'a knit, whose bands are stretched' => [['neck band', 'hem band'], ['band, neck stretched', 'front and back, band, hem stretched, at the hem'], [true, true]],
    'a skirt' => [['front', 'waist facing', 'yoke'], ['front, side, waist, waist to hem', 'front and back, facing, side, waist, at the waist', 'front and back, side, waist, panel, waist to 10 cm below the waist'], [false]],
    'a crop' => [['front'], ['front, side, neck, shoulder, armhole, hem, shoulder to 5 cm above the waist'], [true, false, 'Crop top']],
    'in German' => [['Vorderteil', 'Rückenteil', 'Ärmel', 'Beleg Halsausschnitt', 'Futter Rückenteil', 'Bund'], ['front, side, neck, shoulder, armhole, shoulder to hem', 'back, side, neck, shoulder, armhole, shoulder to hem', 'sleeve, sleeve head, sleeve seam, hem', 'front and back, facing, neck, shoulder, at the shoulder', 'back, lining, side, neck, shoulder, armhole, shoulder to hem', 'front and back, band, waist, at the waist']],
    'in French and Dutch' => [['devant', 'dos', 'manche', 'parementure encolure', 'voorpand voering'], ['front, side, neck, shoulder, armhole, shoulder to hem', 'back, side, neck, shoulder, armhole, shoulder to hem', 'sleeve, sleeve head, sleeve seam, hem', 'front and back, facing, neck, shoulder, at the shoulder', 'front, lining, side, neck, shoulder, armhole, shoulder to hem']],
]);

test('two that are not on the fold have a seam in the middle', function (): void {
    $shape = new GarmentShape(hasBust: true, isKnit: false);
    $line = static fn (Piece $piece): string => PieceLine::of($piece, Unit::Centimetre);
    expect($line(PieceProposal::of('back', $shape, times: 2)))->toContain('centre back')->and($line(PieceProposal::of('front', $shape, times: 2)))->toContain('centre front')
        ->and($line(PieceProposal::of('back on fold', $shape, times: 2)))->not->toContain('centre back')->and($line(PieceProposal::of('side back', $shape, times: 2)))->not->toContain('centre back');
});

test('a front side inset is a part of the front that has its side seam; the front has none beside it', function (): void {
    $pieces = planOf(['pattern.pieces' => [['name' => 'front'], ['name' => 'front side inset'], ['name' => 'back']]])->make->pattern->notes->pieces;
    $lines = array_map(static fn (Piece $piece): string => PieceLine::of($piece, Unit::Centimetre), $pieces);
    expect($lines)->toBe(['front, inset, neck, shoulder, armhole, shoulder to hem', 'front, side, inset, underarm to hem', 'back, side, neck, shoulder, armhole, shoulder to hem'])
        ->and($pieces[1]->partOf)->toBe('front');
});

test('what is typed of a piece wins over what its name proposes, and the rest is proposed', function (): void {
    $pieces = planOf(['pattern.pieces' => [
        ['name' => 'front', 'layer' => 'lining', 'of' => 'outer front', 'reaches' => ['underarm', ['level' => 'hip', 'below' => 12]], 'seams' => [['kind' => 'side'], ['kind' => 'waist', 'at' => ['level' => 'bust', 'below' => 8], 'joins' => 'gathered']]],
        ['name' => 'Rückenteil', 'side' => 'both', 'times' => 2, 'views' => ['A']],
    ]])->make->pattern->notes->pieces;
    expect(PieceLine::of($pieces[0], Unit::Centimetre))->toBe('front, lining of outer front, side, waist gathered, underarm to 12 cm below the hip')
        ->and($pieces[0]->seams[1]->at->below)->toEqual(cm(8))->and($pieces[1]->side->value)->toBe('both')
        ->and($pieces[1]->serves(null, 'B'))->toBeFalse()->and($pieces[1]->serves(null, 'A'))->toBeTrue()->and($pieces[1]->layer)->toBe(Layer::Outer);
    expect(static fn () => planOf(['pattern.pieces' => [['name' => 'front', 'reaches' => ['hem', 'waist']]]]))->toThrow('must run down the body');
});

test('a reach holds its ends, and crosses where paper is cut half way', function (): void {
    $crop = new Reach(new ReachEnd(ReachPlace::Shoulder), new ReachEnd(ReachPlace::Waist, cm(-5)));
    $skirt = Reach::between(ReachPlace::Waist, ReachPlace::Hem);
    expect($crop->holds(Level::Bust))->toBeTrue()->and($crop->holds(Level::Waist))->toBeFalse()->and($crop->crosses(Level::Bust, Level::Waist))->toBeTrue()
        ->and($skirt->holds(Level::Waist))->toBeTrue()->and($skirt->crosses(Level::Bust, Level::Waist))->toBeFalse()->and($skirt->crosses(Level::Waist, Level::Hip))->toBeTrue();
});

test('usual pieces are proposed by the garment and by what is known of it', function (): void {
    $names = static fn (array $pieces): array => array_map(static fn (Piece $piece): string => $piece->name, $pieces);
    expect($names(Garment::Top->usualPieces()))->toBe(['front', 'back', 'sleeve', 'collar', 'button band'])
        ->and($names(Garment::Top->usualPieces(isPulledOn: true)))->toBe(['front', 'back', 'sleeve'])
        ->and($names(Garment::Top->usualPieces(pattern: 'Sleeveless halter top')))->toBe(['front', 'back', 'collar', 'button band'])
        ->and($names(Garment::Trousers->usualPieces(isPulledOn: true)))->toBe(['front', 'back', 'waistband', 'pocket']);
});

test('the list of pieces is read from the instructions, however it is written', function (string $line, array $piece): void {
    expect(PastedPieces::read($line, new PatternNames(['S', 'M'], ['slim', 'curvy'], ['A', 'B'], ['D']))->document['pieces'])->toBe(array_is_list($piece) ? $piece : [$piece]);
})->with([
    ['1 Bodice front cut 1 on fold', ['name' => '1 Bodice front', 'times' => 1, 'on_fold' => true]],
    ['5 Sleeve: cut 2, cut 2 of lining', ['name' => '5 Sleeve', 'times' => 2, 'times_lining' => 2]],
    ['Collar - cut 2 fabric, 1 interfacing', [['name' => 'Collar', 'times' => 2], ['name' => 'Collar interfacing', 'times' => 1, 'layer' => 'interfacing', 'of' => 'Collar']]],
    ['1 Bodice front A, B, C, D, cut 1 on fold', ['name' => '1 Bodice front', 'times' => 1, 'on_fold' => true, 'views' => ['A', 'B', 'C'], 'cups' => ['D']]],
    ['2 front, cup D', ['name' => '2 front', 'cups' => ['D']]],
    ['Sleeve A/B, cut two', ['name' => 'Sleeve', 'times' => 2, 'views' => ['A', 'B']]],
    ['Sleeve for views A and B, 1 pair', ['name' => 'Sleeve for views A and B', 'times' => 2]],
    ['Sleeve, for views A and B, 1 pair', ['name' => 'Sleeve', 'times' => 2, 'views' => ['A', 'B']]],
    ['Back, curvy fit, 1 on the fold', ['name' => 'Back', 'times' => 1, 'on_fold' => true, 'fits' => ['curvy']]],
    ["3\tSkirt front\tA\tcut 1 on fold", ['name' => '3 Skirt front', 'times' => 1, 'on_fold' => true, 'views' => ['A']]],
    ['Pocket: one pair', ['name' => 'Pocket', 'times' => 2]],
    ["Front\t1 on the fold", ['name' => 'Front', 'times' => 1, 'on_fold' => true]],
    ["Piece\tCut\tFold\tLining\nBack\t1\tyes\t2\nCuff\ttwo\tno\t-", [['name' => 'Back', 'times' => 1, 'on_fold' => true, 'times_lining' => 2], ['name' => 'Cuff', 'times' => 2]]],
    // A size is none of these: it stays in the name, as does what nobody understands.
    ['Front S, M, cut 1', ['name' => 'Front (S, M)', 'times' => 1]],
    ['Yoke, see page nine', ['name' => 'Yoke (see page nine)']],
    ['Pocket B', ['name' => 'Pocket B']],
    ['Waistband x 1', ['name' => 'Waistband', 'times' => 1]],
    ['Back 2x', ['name' => 'Back', 'times' => 2]],
    ['A. Pocket (cut 4)', ['name' => 'A. Pocket', 'times' => 4]],
    ['3 Vorderteil, 1x im Stoffbruch', ['name' => '3 Vorderteil', 'times' => 1, 'on_fold' => true]],
    ['Neck facing', ['name' => 'Neck facing']],
]);

test('a line that names no piece is left out, and said to be', function (): void {
    $read = PastedPieces::read("1 Front cut 2\n\n--- 12 ---\n2 Back cut 1 on fold", new PatternNames);
    expect(array_column($read->document['pieces'], 'name'))->toBe(['1 Front', '2 Back'])->and($read->leftOut)->toBe(['--- 12 ---: names no piece']);
});

test('what is bought by the length goes to the notions, letters nobody knows are offered as views, and pieces keep names of their own', function (): void {
    $read = PastedPieces::read("Elastic 1/4 in, 1 3/8 yds\n2 front B, C, cut 2\n2 front, cup D, cut 2", new PatternNames(['8', '10'], [], ['A'], ['D']));
    expect($read->document)->toBe([
        'pieces' => [['name' => '2 front', 'times' => 2, 'views' => ['B', 'C']], ['name' => '2 front D', 'times' => 2, 'cups' => ['D']]],
        'notions' => [['name' => 'Elastic 1/4 in', 'by_size' => ['1 3/8 yds', '1 3/8 yds']]],
        'views' => ['B', 'C'],
    ])->and($read->rows[1]->doubt)->toBe('B, C taken for views of the pattern, which it does not name yet');
});

test('a side front is pinned to the front it lies beside, a facing of it is not', function (): void {
    $pieces = planOf(['pattern.pieces' => [['name' => 'front neck facing'], ['name' => 'centre front'], ['name' => 'side front'], ['name' => 'back'], ['name' => 'side front facing']]])->make->pattern->notes->pieces;
    expect(array_map(static fn (Piece $piece): ?string => $piece->partOf, $pieces))->toBe([null, null, 'centre front', null, null]);
});

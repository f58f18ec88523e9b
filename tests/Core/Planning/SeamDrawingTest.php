<?php

declare(strict_types=1);

use Underbolt\Seam\SeamDrawing;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/**
 * @param  ?list<?float>  $line  the front where none is given
 * @return array<string, ?int> a line's distance from the centre by depth in centimetres
 */
function cutOf(SeamDrawing $drawing, ?array $line = null): array
{
    $depths = array_map(static fn (int $depth): string => (string) ($depth / 1e7), $drawing->depths);

    return array_combine($depths, array_map(static fn (?float $out): ?int => $out === null ? null : (int) round($out), $line ?? $drawing->front));
}

test('the new line lies on the printed lines at the levels', function (): void {
    $drawing = planOf(['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10'], 'choices.take' => ['waist' => 'leave', 'hip' => 'leave']])->drawing();
    $cut = cutOf($drawing);
    expect($cut['0'])->toBe(cm(100 / 4)->nanometres)
        ->and($cut['20'])->toBe(cm(83 / 4)->nanometres)
        ->and($cut['40'])->toBe(cm(102 / 4)->nanometres)
        ->and($cut['48'])->toBe(cm(102 / 4)->nanometres)
        ->and(array_keys($drawing->lines))->toBe([0, 1, 2, 3, 4, 5])
        ->and([$drawing->back, $drawing->blend])->toBe([null, null]);
});

test('what is taken in is in the line, and the blend alone is drawn beside it', function (): void {
    $drawing = planOf(['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10']])->drawing();
    // The waist has 4 cm too much, the hip 4 cm too little: a centimetre an edge.
    expect(cutOf($drawing)['20'])->toBe(cm(83 / 4 - 1)->nanometres)
        ->and(cutOf($drawing)['40'])->toBe(cm(102 / 4 + 1)->nanometres)
        ->and(cutOf($drawing, $drawing->blend)['20'])->toBe(cm(83 / 4)->nanometres)
        ->and($drawing->back)->toBeNull();
});

test('front and back unlike are two lines', function (): void {
    $drawing = planOf(['choices.front_larger' => ['waist' => 1]])->drawing();
    expect(cutOf($drawing)['20'])->toBe(cm(83 / 4)->nanometres)->and(cutOf($drawing, $drawing->back)['20'])->toBe(cm(75 / 4)->nanometres);
});

test('the line ends on the very line it is blended to, also between levels that grade unlike', function (): void {
    $drawing = planOf(['choices.sizes' => ['bust' => '8', 'waist' => '16', 'hip' => '16'], 'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'], 'pattern.finished.hip' => [98, 104, 107, 111, 113, 119]])->drawing();
    $sixteen = cutOf($drawing, $drawing->lines[4]);
    expect(cutOf($drawing)['20'])->toBe($sixteen['20'])->and(cutOf($drawing)['32.5'])->toBe($sixteen['32.5']);
});

test('it is cut short 8 cm below the hip, or at the hem', function (): void {
    expect(array_key_last(cutOf(planOf()->drawing())))->toBe(48)
        ->and(array_key_last(cutOf(planOf(['pattern.seam.hip_to_hem' => 5])->drawing())))->toBe(45);
});

test('a level without finished figures bends no line, unless all are without', function (): void {
    $boxy = cutOf(planOf(['pattern.finished.waist' => null])->drawing());
    $charted = cutOf(planOf(['pattern.finished' => null])->drawing());
    expect($boxy['20'])->toBe((cm(100 / 4)->nanometres + cm(106 / 4)->nanometres) / 2)
        ->and($charted['20'])->toBe(cm(74 / 4)->nanometres);
});

test('a size with a gap in a row has no line', function (): void {
    $drawing = planOf(['pattern.finished' => null, 'pattern.body_chart.hip' => [91, null, 99, 103, 107, 112]])->drawing();
    expect(array_keys($drawing->lines))->toBe([0, 2, 3, 4, 5]);
});

test('where a level is left open so is the line', function (): void {
    $cut = cutOf(planOf(['body.hip' => null])->drawing());
    expect($cut['20'])->toBe(cm(79 / 4)->nanometres)->and($cut['25'])->toBeNull();
});

test('paper that is not measured is not drawn', function (): void {
    expect(planOf(['pattern.seam' => (object) []])->drawing())->toBeNull();
});

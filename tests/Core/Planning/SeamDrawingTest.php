<?php

declare(strict_types=1);

use Underbolt\Planning\SeamDrawing;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** @return array<string, int> the new line's distance from the centre by depth in centimetres */
function cutOf(SeamDrawing $drawing): array
{
    $depths = array_map(static fn ($depth): string => (string) ($depth->nanometres / 1e7), $drawing->depths);

    return array_combine($depths, array_map(static fn ($out): ?int => $out?->nanometres, $drawing->cut));
}

test('the new line lies on the printed lines at the levels', function (): void {
    $drawing = SeamDrawing::of(planOf(['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10']]));
    $cut = cutOf($drawing);
    expect($cut['0'])->toBe(cm(100 / 4)->nanometres)
        ->and($cut['20'])->toBe(cm(83 / 4)->nanometres)
        ->and($cut['40'])->toBe(cm(102 / 4)->nanometres)
        ->and($cut['48'])->toBe(cm(102 / 4)->nanometres)
        ->and(array_keys($drawing->lines))->toBe([0, 1, 2, 3, 4, 5]);
});

test('it is cut short 8 cm below the hip, or at the hem', function (): void {
    expect(array_key_last(cutOf(SeamDrawing::of(planOf()))))->toBe(48)
        ->and(array_key_last(cutOf(SeamDrawing::of(planOf(['pattern.seam.hip_to_hem' => 5])))))->toBe(45);
});

test('a level without finished figures bends no line, unless all are without', function (): void {
    $boxy = cutOf(SeamDrawing::of(planOf(['pattern.finished.waist' => null])));
    $charted = cutOf(SeamDrawing::of(planOf(['pattern.finished' => null])));
    expect($boxy['20'])->toBe((cm(100 / 4)->nanometres + cm(106 / 4)->nanometres) / 2)
        ->and($charted['20'])->toBe(cm(74 / 4)->nanometres);
});

test('a size with a gap in a row has no line', function (): void {
    $drawing = SeamDrawing::of(planOf(['pattern.finished' => null, 'pattern.body_chart.hip' => [91, null, 99, 103, 107, 112]]));
    expect(array_keys($drawing->lines))->toBe([0, 2, 3, 4, 5]);
});

test('where a level is left open so is the line', function (): void {
    $cut = cutOf(SeamDrawing::of(planOf(['body.hip' => null])));
    expect($cut['20'])->toBe(cm(79 / 4)->nanometres)->and($cut['25'])->toBeNull();
});

test('paper that is not measured is not drawn', function (): void {
    expect(SeamDrawing::of(planOf(['pattern.seam' => (object) []])))->toBeNull();
});

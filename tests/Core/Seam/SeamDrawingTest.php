<?php

declare(strict_types=1);

use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDrawing;

use function Tests\Core\planOf;

/** Every figure of a plan that is left as it is, so that the line is the blend alone. */
const LEFT = ['choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave']];

function drawingOf(array $changes): SeamDrawing
{
    return planOf($changes + LEFT)->drawing() ?? throw new RuntimeException('There is nothing to draw.');
}

/** Distances from the centre in centimetres at depths in centimetres. */
function outAt(Curve $curve, array $depths): array
{
    return array_map(static fn (float $depth): ?float => ($out = $curve->at($depth * 1e7)) === null ? null : round($out / 1e7, 6), $depths);
}

test('each printed line lies at a quarter of its finished figures', function (): void {
    $drawing = drawingOf(['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12']]);
    expect(array_keys($drawing->lines))->toBe([0, 1, 2, 3, 4, 5])
        ->and(outAt($drawing->lines[2], [0, 20, 40]))->toBe([25.0, 19.75, 26.5])
        ->and(outAt($drawing->lines[5], [0, 20, 40]))->toBe([28.25, 23.0, 29.75])
        // Between two levels it goes over as a curve: half the way down half the way out.
        ->and(outAt($drawing->lines[2], [10]))->toBe([22.375]);
});

test('the other sizes stand beside the one that is cut at the top, so that the new line ends on the line it goes to', function (): void {
    $drawing = drawingOf(['choices.sizes' => ['bust' => '10', 'waist' => '14', 'hip' => '12'], 'pattern.finished.waist' => [71, 75, null, 83, 87, 92]]);
    // 12 has no finished waist: it stands beside 10 by the gap of the body chart.
    expect(outAt($drawing->lines[2], [0, 20, 40]))->toBe([25.0, 18.75 + 1, 26.5])
        ->and(outAt($drawing->front, [0, 20, 40]))->toBe([24.0, 20.75, 26.5]);
});

test('without two finished figures the body chart draws the lines; with one of them alone it does too', function (?array $finished): void {
    $drawing = drawingOf(['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'choices.ease' => 'chart', 'pattern.finished' => $finished]);
    expect(outAt($drawing->lines[2], [0, 20, 40]))->toBe([23.0, 18.5, 24.75]);
})->with([[null], [['waist' => [71, 75, 79, 83, 87, 92]]]]);

test('two finished figures are enough for the curve, and a gap in a row leaves that size out', function (): void {
    $two = drawingOf(['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'pattern.finished.full_bust' => null, 'pattern.body_chart.waist' => [66, 70, 74, 78, 82, 87]]);
    expect(outAt($two->lines[2], [20, 40]))->toBe([19.75, 26.5]);
    $gap = drawingOf(['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'pattern.finished.hip' => [98, 102, 106, 110, null, 119], 'pattern.body_chart.hip' => [91, 95, 99, 103, null, 112]]);
    expect(array_keys($gap->lines))->toBe([0, 1, 2, 3, 5]);
});

test('the line that is cut is what its stations measure, at every one of them', function (array $changes): void {
    $plan = planOf($changes);
    $drawing = $plan->drawing();
    $names = array_flip(['8', '10', '12', '14', '16', '18']);
    $measured = 0;
    foreach ($plan->stations() as $station) {
        $depth = $station->depth->nanometres;
        $out = $drawing?->front->at($depth);
        if ($station->move === null || $out === null) {
            continue;
        }
        $measured++;
        // At a level the line may be told from either of its two sizes: here from the one above it.
        expect($out)->toEqualWithDelta((float) $drawing->lines[$names[$station->from]]->at($depth) + $station->move->nanometres, 150_000, "at {$depth}");
    }
    expect($measured)->toBeGreaterThan(15);
})->with([
    'a blend' => [LEFT + ['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10']]],
    'straight' => [LEFT + ['choices.sizes' => ['bust' => '12', 'waist' => '16', 'hip' => '14'], 'choices.blend' => 'straight']],
    'what is left over drawn in' => [['body.waist' => 80, 'body.hip' => 96, 'choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'choices.take' => ['waist' => 'in_line', 'hip' => 'in_line']]],
]);

test('it is cut short 8 cm below the last level, or at the hem where that is nearer', function (array $seam, float $end): void {
    $drawing = drawingOf(['choices.sizes' => ['bust' => '12', 'waist' => '12', 'hip' => '12'], 'pattern.seam' => $seam + ['underarm_to_waist' => 20]]);
    $last = fn (Curve $curve): float => $curve->parts[count($curve->parts) - 1]->end / 1e7;
    expect($last($drawing->lines[2]))->toBe($end)->and($last($drawing->front))->toBe($end);
})->with([
    'a long skirt' => [['waist_to_hip' => 20, 'hip_to_hem' => 40], 48.0],
    'a tunic' => [['waist_to_hip' => 20, 'hip_to_hem' => 5], 45.0],
    'a hem nobody measured' => [['waist_to_hip' => 20], 40.0],
    'no hip on the paper' => [['waist_to_hem_edge' => 70], 20.0],
]);

test('a back is drawn where it is cut unlike the front, and the blend alone where the line is more than that', function (): void {
    $sizes = ['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '12']];
    $alike = drawingOf($sizes);
    expect([$alike->back, $alike->blend])->toBe([null, null]);
    $unlike = drawingOf($sizes + ['choices.front_larger' => ['waist' => 1]]);
    expect(outAt($unlike->front, [20]))->toBe([21.75])->and($unlike->back === null ? null : outAt($unlike->back, [20]))->toBe([19.75]);
    $taken = planOf($sizes + ['body.waist' => 74, 'choices.take' => ['waist' => 'in_line']])->drawing();
    // 14 finishes at 83 where 79 is wanted: a centimetre an edge comes in, which the blend alone doesn't show.
    expect($taken === null ? null : outAt($taken->front, [20]))->toBe([19.75])->and($taken?->blend === null ? null : outAt($taken->blend, [20]))->toBe([20.75]);
});

test('where the paper is measured down to one level only there is no height to draw', function (): void {
    expect(planOf(LEFT + ['pattern.seam' => ['waist_to_hip' => 20]])->drawing())->toBeNull()
        ->and(planOf(LEFT + ['body.waist' => null, 'pattern.seam' => ['waist_to_hip' => 20]])->drawing())->toBeNull();
});

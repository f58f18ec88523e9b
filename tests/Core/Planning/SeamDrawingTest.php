<?php

declare(strict_types=1);

use Underbolt\Seam\Curve;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** How far from the centre a line stands at a depth in centimetres; null where it is open. */
function outAt(Curve $line, float $depth): ?int
{
    $out = $line->at($depth * 1e7);

    return $out === null ? null : (int) round($out);
}

/** The depth in centimetres at which a line ends. */
function endOf(Curve $line): float
{
    return $line->parts[count($line->parts) - 1]->end / 1e7;
}

test('the new line lies on the printed lines at the levels', function (): void {
    $drawing = planOf([
        'choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10'],
        'choices.take' => ['waist' => 'leave', 'hip' => 'leave'],
    ])->drawing();
    $cut = $drawing->front;
    expect(outAt($cut, 0))->toBe(cm(100 / 4)->nanometres)
        ->and(outAt($cut, 20))->toBe(cm(83 / 4)->nanometres)
        ->and(outAt($cut, 40))->toBe(cm(102 / 4)->nanometres)
        ->and(outAt($cut, 48))->toBe(cm(102 / 4)->nanometres)
        ->and(array_keys($drawing->lines))->toBe([0, 1, 2, 3, 4, 5])
        ->and([$drawing->back, $drawing->blend])->toBe([null, null]);
});

test('what is taken in is in the line, and the blend alone is drawn beside it', function (): void {
    $drawing = planOf(['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10']])->drawing();
    // The waist has 4 cm too much, the hip 4 cm too little: a centimetre an edge.
    expect(outAt($drawing->front, 20))->toBe(cm(83 / 4 - 1)->nanometres)
        ->and(outAt($drawing->front, 40))->toBe(cm(102 / 4 + 1)->nanometres)
        ->and(outAt($drawing->blend, 20))->toBe(cm(83 / 4)->nanometres)
        ->and($drawing->back)->toBeNull();
});

test('front and back unlike are two lines', function (): void {
    $drawing = planOf(['choices.front_larger' => ['waist' => 1]])->drawing();
    expect(outAt($drawing->front, 20))->toBe(cm(83 / 4)->nanometres)->and(outAt($drawing->back, 20))->toBe(cm(75 / 4)->nanometres);
});

test('the line ends on the very line it is blended to, also between levels that grade unlike', function (): void {
    $drawing = planOf([
        'choices.sizes' => ['bust' => '8', 'waist' => '16', 'hip' => '16'],
        'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'],
        'pattern.finished.hip' => [98, 104, 107, 111, 113, 119],
    ])->drawing();
    $sixteen = $drawing->lines[4];
    expect(outAt($drawing->front, 20))->toBe(outAt($sixteen, 20))->and(outAt($drawing->front, 32.5))->toBe(outAt($sixteen, 32.5));
});

test('it is cut short 8 cm below the last level, at the hem where that is nearer, and at the level where no hem is known', function (array $seam, float $end): void {
    $drawing = planOf(['pattern.seam' => $seam + ['underarm_to_waist' => 20]])->drawing();
    expect(endOf($drawing->front))->toBe($end)->and(endOf($drawing->lines[2]))->toBe($end);
})->with([
    'a long skirt' => [['waist_to_hip' => 20, 'hip_to_hem' => 40], 48.0],
    'a tunic' => [['waist_to_hip' => 20, 'hip_to_hem' => 5], 45.0],
    'no hem' => [['waist_to_hip' => 20], 40.0],
    'no hip on the paper' => [['waist_to_hem_edge' => 70], 20.0],
]);

test('a level without finished figures bends no line, unless all are without', function (): void {
    $boxy = planOf(['pattern.finished.waist' => null])->drawing()->front;
    $charted = planOf(['pattern.finished' => null])->drawing()->front;
    expect(outAt($boxy, 20))->toBe((cm(100 / 4)->nanometres + cm(106 / 4)->nanometres) / 2)
        ->and(outAt($charted, 20))->toBe(cm(74 / 4)->nanometres);
});

test('one finished figure alone bends no line either: the body chart does', function (): void {
    $line = planOf(['pattern.finished' => ['waist' => [71, 75, 79, 83, 87, 92]], 'choices.ease' => 'chart'])->drawing()->lines[2];
    expect([outAt($line, 0), outAt($line, 20), outAt($line, 40)])->toBe([cm(92 / 4)->nanometres, cm(74 / 4)->nanometres, cm(99 / 4)->nanometres]);
});

test('a size without a finished figure stands beside the one that is cut by the gap of the body chart', function (): void {
    $drawing = planOf(['choices.sizes' => ['bust' => '10', 'waist' => '14', 'hip' => '12'], 'pattern.finished.waist' => [71, 75, null, 83, 87, 92]])->drawing();
    expect(outAt($drawing->lines[2], 20))->toBe(cm(75 / 4 + 1)->nanometres)->and(outAt($drawing->lines[2], 0))->toBe(cm(100 / 4)->nanometres);
});

test('a size with a gap in a row has no line', function (): void {
    $drawing = planOf(['pattern.finished' => null, 'pattern.body_chart.hip' => [91, null, 99, 103, 107, 112]])->drawing();
    expect(array_keys($drawing->lines))->toBe([0, 2, 3, 4, 5]);
});

test('where no size of a stretch is known the line is open', function (): void {
    $cut = planOf(['body.full_bust' => null])->drawing()->front;
    expect(outAt($cut, 20))->toBe(cm(79 / 4)->nanometres)->and(outAt($cut, 15))->toBeNull();
});

test('paper that is not measured is not drawn', function (): void {
    expect(planOf(['pattern.seam' => (object) []])->drawing())->toBeNull();
});

test('at every station the drawn line stands at its move, and it has no kink', function (array $changes): void {
    $plan = planOf($changes + ['choices.station_every' => 1]);
    $drawing = $plan->drawing();
    $lineOf = array_flip($plan->make->pattern->sizes);
    $looked = 0;
    foreach ([[$plan->stations(), $drawing->front], [$plan->backStations() ?? [], $drawing->back]] as [$stations, $line]) {
        foreach ($stations as $station) {
            $out = outAt($line, $station->depth->nanometres / 1e7);
            if ($out !== null && $station->move !== null) {
                $printed = outAt($drawing->lines[$lineOf[$station->from]], $station->depth->nanometres / 1e7);
                // Half a hundredth of a millimetre; the paper asks for five hundredths.
                expect($out - $printed)->toEqualWithDelta($station->move->nanometres, 5_000, "at {$station->depth->nanometres}");
                $looked++;
            }
        }
    }
    foreach (array_slice($drawing->front->parts, 1) as $i => $part) {
        $above = $drawing->front->parts[$i];
        expect($above->outAtEnd)->toEqualWithDelta($part->outAtTop, 1);
    }
    expect($looked)->toBeGreaterThan(40);
})->with([
    'far apart, graded unlike' => [[
        'choices.sizes' => ['bust' => '8', 'waist' => '18', 'hip' => '10'],
        'pattern.finished.hip' => [98, 104, 107, 111, 113, 119],
    ]],
    'straight' => [[
        'choices.sizes' => ['bust' => '8', 'waist' => '18', 'hip' => '10'],
        'choices.blend' => 'straight',
        'pattern.finished.waist' => [71, 75, 80, 85, 90, 96],
    ]],
    'front and back unlike' => [[
        'choices.sizes' => ['waist' => '16'],
        'choices.front_larger' => ['bust' => 1, 'waist' => -1],
        'choices.by_hand' => ['hip' => ['back' => -0.5]],
    ]],
]);

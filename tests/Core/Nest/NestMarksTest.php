<?php

declare(strict_types=1);

use Underbolt\File\NestMarksReader;
use Underbolt\Measure\Length;
use Underbolt\Nest\EndProposals;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestStations;
use Underbolt\Nest\NestTicks;
use Underbolt\Nest\SeamLengths;
use Underbolt\Nest\SizeLine;
use Underbolt\Nest\SvgReader;
use Underbolt\Nest\Upright;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\Station;

/** Three sizes of straight upright lines, marked on the first alone. */
function threeSizes(): array
{
    $drawing = SvgReader::read(nestSvg(['8' => 'M100 100V900', '10' => 'M110 104V904', '12' => 'M120 108V908']));
    $marks = NestMarksReader::marks(json_decode((string) json_encode([
        'piece' => 'front', 'waist_y' => 300, 'hip_y' => 500, 'lines' => ['8' => 'size-8', '10' => 'size-10', '12' => 'size-12'],
        'underarm' => ['8' => [100, 100]], 'hem' => ['8' => [100, 900]], 'fold' => 'left',
    ])));

    return [$drawing, $marks];
}

test('sizes are called otherwise by their names, what is marked for others is left out', function (): void {
    [, $marks] = threeSizes();
    $renamed = $marks->renamed(['8' => 'the first line', '12' => 'the third line', '14' => 'the fourth line']);
    expect($renamed->lines)->toBe(['the first line' => 'size-8', 'the third line' => 'size-12'])
        ->and($renamed->underarm)->toBe(['the first line' => [100.0, 100.0]])->and($renamed->waistY)->toBe($marks->waistY)
        ->and($renamed->fold)->toBe($marks->fold);
});

test('ends are proposed at the nearest corners, for all sizes or only for those that are asked for', function (): void {
    [$drawing, $marks] = threeSizes();
    $all = EndProposals::fill($drawing, $marks);
    expect($all->underarm['12'])->toEqualWithDelta([120.0, 108.0], 1e-9)->and($all->hem['10'])->toEqualWithDelta([110.0, 904.0], 1e-9);
    $some = EndProposals::fill($drawing, $marks, ['12']);
    expect(array_keys($some->underarm))->toBe([12])->and($some->underarm['12'])->toBe($all->underarm['12'])
        ->and($some->lines)->toBe($marks->lines);
});

test('of two marks in sizes equally far away the smaller one\'s is followed', function (): void {
    [$drawing, $marks] = threeSizes();
    $data = ['piece' => 'front', 'waist_y' => 300, 'hip_y' => 500, 'lines' => $marks->lines, 'underarm' => ['8' => [100, 100], '12' => [120, 908]], 'hem' => ['8' => [100, 900]], 'fold' => 'left'];
    $filled = EndProposals::fill($drawing, NestMarksReader::marks(json_decode((string) json_encode($data))));
    expect($filled->underarm['10'])->toEqualWithDelta([110.0, 104.0], 1e-9)
        // What was marked stays, however odd.
        ->and($filled->underarm['12'])->toBe([120.0, 908.0]);
});

test('a seam is told in its parts, which make the whole', function (): void {
    $seam = Line::through([[100.0, 100.0], [140.0, 130.0], [140.0, 530.0], [100.0, 560.0]]);
    $lengths = SeamLengths::of($seam, 230.0, 430.0);
    // 40 out over 30 down is 50 along; then straight down.
    expect([$lengths->toWaist, $lengths->toHip, $lengths->toHem])->toEqualWithDelta([150.0, 200.0, 150.0], 1e-9)
        ->and($lengths->whole())->toEqualWithDelta($seam->length(), 1e-9)
        ->and(array_sum($lengths->parts()))->toBe($lengths->whole());
});

test('a station that would stand within 3 mm of a level is left out, one farther off is not', function (): void {
    $marks = NestMarksReader::read((string) json_encode(nestMarks(['8' => 100.0])));
    $size = SizeLine::of('8', SvgReader::read(nestSvg(['8' => 'M100 100V900'])), $marks, new Upright($marks));
    $piece = new NestStations($size->seam, $size, $size, $size, 302.9, 503.1);
    $depths = array_map(static fn (Station $station): float => $station->depth->nanometres / 1e6, NestStations::table($piece, $piece, Length::ofNanometres(50_000_000))->front);
    expect($depths)->toBe([0.0, 50.0, 100.0, 150.0, 202.9, 250.0, 300.0, 350.0, 400.0, 403.1, 450.0, 500.0, 550.0, 600.0, 650.0, 700.0, 750.0, 800.0]);
});

test('a ruler serves where the drawn seam leaves the straight way between two levels by a millimetre at most', function (float $bulge, array $straight): void {
    $marks = NestMarksReader::read((string) json_encode(nestMarks(['8' => 100.0])));
    $size = SizeLine::of('8', SvgReader::read(nestSvg(['8' => 'M100 100V900'])), $marks, new Upright($marks));
    // Straight to the waist at 300, then bent half way to the hip at 500.
    $seam = Line::through([[100.0, 100.0], [120.0, 300.0], [120.0 + $bulge, 400.0], [120.0, 500.0], [120.0, 900.0]]);
    $piece = new NestStations($seam, $size, $size, $size, 300.0, 500.0);
    $table = NestStations::table($piece, $piece, Length::ofNanometres(50_000_000));
    expect($table->straightFront)->toBe($straight)->and($table->straightBack)->toBe($straight);
})->with([
    'just under' => [0.99, [Level::Waist, Level::Hip]],
    'just over' => [1.01, [Level::Waist]],
]);

test('a notch stands square to its seam, as long to both sides', function (): void {
    $slanting = Line::through([[100.0, 100.0], [400.0, 500.0]]);
    [$notch] = NestTicks::notches($slanting, [300.0]);
    [[$x1, $y1], [$x2, $y2]] = $notch->points();
    expect($notch->length())->toEqualWithDelta(10.0, 1e-9)
        ->and([($x1 + $x2) / 2, ($y1 + $y2) / 2])->toEqualWithDelta([250.0, 300.0], 1e-9)
        // The seam runs 3 across for 4 down.
        ->and(($x2 - $x1) * 3 + ($y2 - $y1) * 4)->toEqualWithDelta(0.0, 1e-9)
        ->and(NestTicks::notches($slanting, [900.0]))->toBe([]);
});

<?php

declare(strict_types=1);

use Underbolt\File\MakeReader;
use Underbolt\File\NestMarksReader;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestSvg;
use Underbolt\Nest\SvgReader;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;

/**
 * A plan with 14 at the bust, 18 at the waist and 14 at the hip, choices replaced: by clips, so that nothing else decides.
 *
 * @param  array<string, mixed>  $choices
 */
function nestPlan(array $choices = []): Plan
{
    $make = json_decode((string) file_get_contents(__DIR__.'/../../fixtures/worked/1-two-step-blend.make.json'), true, flags: JSON_THROW_ON_ERROR);
    unset($make['body']['underarm_to_waist'], $make['body']['waist_to_hip'], $make['body']['waist_to_hem']);
    $make['choices'] = $choices + ['sizes' => ['bust' => '14', 'waist' => '18', 'hip' => '14'], 'take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave']];

    return PlanBuilder::build(MakeReader::read(json_encode($make, JSON_THROW_ON_ERROR)));
}

/**
 * Marks with the same underarm and hem height for all sizes.
 *
 * @param  array<string, float>  $x  of each size's line at the underarm and the hem
 * @param  array<string, mixed>  $more
 */
function nestMarks(array $x, array $more = []): array
{
    return $more + [
        'piece' => 'front', 'waist_y' => 300, 'hip_y' => 500,
        'lines' => array_combine(array_keys($x), array_map(static fn (int|string $size): string => "size-{$size}", array_keys($x))),
        'underarm' => array_map(static fn (float $at): array => [$at, 100], $x),
        'hem' => array_map(static fn (float $at): array => [$at, 900], $x),
    ];
}

/** A nest of size lines, each its path's data, in millimetres. */
function nestSvg(array $paths): string
{
    $lines = '';
    foreach ($paths as $size => $d) {
        $lines .= "<g id=\"layer-{$size}\"><path id=\"size-{$size}\" d=\"{$d}\" stroke=\"#000\"/></g>";
    }

    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"500mm\" height=\"1000mm\" viewBox=\"0 0 500 1000\">{$lines}</svg>";
}

/** The line of a plan on a drawing. */
function drawnOn(string $svg, array $marks, array $choices = []): NestLine
{
    return NestLine::of(nestPlan($choices), SvgReader::read($svg), NestMarksReader::read(json_encode($marks, JSON_THROW_ON_ERROR)));
}

function smooth(float $s): float
{
    return 3 * $s ** 2 - 2 * $s ** 3;
}

/** How far the farthest of some places lies from a line. */
function farthestFrom(Line $line, array $places): float
{
    return max(array_map(static fn (array $place): float => $line->nearest($place[0], $place[1])[1], $places));
}

test('between upright lines the seam is the smooth step, with the dwell below the waist', function (string $blend): void {
    $seam = drawnOn(nestSvg(['14' => 'M200 100V900', '18' => 'M220 100V900']), nestMarks(['14' => 200.0, '18' => 220.0]), ['dwell' => '4 cm', 'blend' => $blend])->seam;
    $step = $blend === 'curved' ? smooth(...) : static fn (float $s): float => $s;
    $places = [];
    for ($y = 100; $y <= 900; $y += 5) {
        $share = match (true) {
            $y <= 300 => $step(($y - 100) / 200),
            $y <= 500 => 1 - $step(max(0, ($y - 340) / 160)),
            default => 0,
        };
        $places[] = [200 + 20 * $share, $y];
    }
    expect(farthestFrom($seam, $places))->toBeLessThan(0.05)->and($seam->at(0.0))->toEqualWithDelta([200.0, 100.0], 1e-9)
        ->and($seam->at($seam->length()))->toEqualWithDelta([200.0, 900.0], 1e-9);
})->with(['curved', 'straight']);

test('between circles a share of the way along each leads from one to the other', function (): void {
    // Circles around (0, 500): lines cross the levels at other ways along each.
    $radius = ['14' => 420.0, '18' => 460.0];
    $at = static fn (float $r, float $y): float => asin(($y - 500) / $r);
    $place = static fn (float $r, float $angle): array => [$r * cos($angle), 500 + $r * sin($angle)];
    $ends = $paths = [];
    foreach ($radius as $size => $r) {
        $ends['underarm'][$size] = $place($r, $at($r, 150));
        $ends['hem'][$size] = $place($r, $at($r, 850));
        $paths[$size] = sprintf('M%F %FA%F %F 0 0 1 %F %F', ...$ends['underarm'][$size], ...[$r, $r], ...$ends['hem'][$size]);
    }
    $seam = drawnOn(nestSvg($paths), nestMarks(['14' => 0.0, '18' => 0.0], $ends), ['dwell' => '2 cm'])->seam;
    $places = [];
    for ($sigma = 0.0; $sigma <= 1.0; $sigma += 0.02) {
        [$u, $v] = array_map(static fn (float $r): array => $place($r, $at($r, 150) + $sigma * ($at($r, 300) - $at($r, 150))), [420.0, 460.0]);
        $places[] = [$u[0] + ($v[0] - $u[0]) * smooth($sigma), $u[1] + ($v[1] - $u[1]) * smooth($sigma)];
        $length = (420 * ($at(420, 500) - $at(420, 300)) + 460 * ($at(460, 500) - $at(460, 300))) / 2;
        $t = smooth(max(0.0, ($sigma * $length - 20) / ($length - 20)));
        [$u, $v] = array_map(static fn (float $r): array => $place($r, $at($r, 300) + $sigma * ($at($r, 500) - $at($r, 300))), [460.0, 420.0]);
        $places[] = [$u[0] + ($v[0] - $u[0]) * $t, $u[1] + ($v[1] - $u[1]) * $t];
    }
    expect(farthestFrom($seam, $places))->toBeLessThan(0.05);
});

test('what is changed beside the blend is added away from the fold, and runs from level to level', function (string $fold): void {
    $byHand = ['by_hand' => ['bust' => ['front' => '6 mm', 'back' => '0'], 'hip' => ['front' => '-4 mm', 'back' => '0']], 'sizes' => ['bust' => '14', 'waist' => '14', 'hip' => '14']];
    $seam = drawnOn(nestSvg(['14' => 'M200 100V900']), nestMarks(['14' => 200.0], ['fold' => $fold]), $byHand)->seam;
    $side = $fold === 'left' ? 1 : -1;
    $places = [];
    for ($y = 100; $y <= 900; $y += 5) {
        $change = $y <= 300 ? 6 * (1 - smooth(($y - 100) / 200)) : -4 * ($y <= 500 ? smooth(($y - 300) / 200) : 1);
        $places[] = [200 + $side * $change, $y];
    }
    expect(farthestFrom($seam, $places))->toBeLessThan(0.05);
})->with(['left', 'right']);

test('a drawing turned by its grain gives the same line, turned', function (): void {
    $paths = ['14' => 'M200 100C190 180 190 260 205 300S240 450 240 500V900', '18' => 'M220 104C212 180 215 260 232 300S262 450 262 500V900'];
    $ends = ['underarm' => ['14' => [200, 100], '18' => [220, 104]], 'hem' => ['14' => [240, 900], '18' => [262, 900]]];
    $upright = drawnOn(nestSvg($paths), nestMarks(['14' => 0.0, '18' => 0.0], $ends));
    $turn = static fn (array $place): array => [$place[0] * cos(0.2) - $place[1] * sin(0.2), $place[0] * sin(0.2) + $place[1] * cos(0.2)];
    $turned = array_map(static fn (array $places): array => array_map($turn, $places), $ends);
    $svg = str_replace('<g id', '<g transform="rotate('.rad2deg(0.2).')" id', nestSvg($paths));
    $line = drawnOn($svg, nestMarks(['14' => 0.0, '18' => 0.0], $turned + ['grain' => [$turn([0, 0]), $turn([0, 500])]]));
    $some = array_map(static fn (int $i): array => $upright->seam->at($i / 50 * $upright->seam->length()), range(0, 50));
    expect(farthestFrom($line->seam, array_map($turn, $some)))->toBeLessThan(0.01)
        ->and(abs($line->printed->whole() - $upright->printed->whole()))->toBeLessThan(0.001);
});

test('paper is lengthened at its height, before or after the blend is drawn', function (string $order): void {
    $svg = nestSvg(['14' => 'M200 100L180 300L240 500L250 900', '18' => 'M220 100L204 300L262 500L270 900']);
    $marks = nestMarks(['14' => 0.0], ['lines' => ['14' => 'size-14', '18' => 'size-18'], 'underarm' => ['14' => [200, 100], '18' => [220, 100]], 'hem' => ['14' => [250, 900], '18' => [270, 900]]]);
    $change = ['lengths' => ['above_waist' => '2 cm', 'below_waist' => '-15 mm'], 'order' => $order];
    $line = drawnOn($svg, $marks, $change);
    $plain = drawnOn($svg, $marks, ['order' => $order]);
    // Above the first band nothing moves; at the levels and below all has moved whole.
    [$x, $y] = $line->seam->at($line->seam->length());
    expect([$x, $y])->toEqualWithDelta([250.0, 905.0], 1e-6)
        ->and($line->printed->whole())->toEqualWithDelta($plain->printed->whole(), 1e-9)
        ->and($line->seam->at($line->seam->firstAt(320.0))[0])->toEqualWithDelta(204.0, $order === 'length_first' ? 0.05 : 1e-6);
    foreach ([110.0, 160.0] as $height) {
        expect($line->seam->at($line->seam->firstAt($height))[0])->toEqualWithDelta($plain->seam->at($plain->seam->firstAt($height))[0], $order === 'length_first' ? 2.0 : 1e-6);
    }
})->with(['length_first', 'blend_first']);

test('between the parts that stay and move the seam is one cubic with their directions', function (): void {
    // A slanted line of slope 0.1: its part above 170 stays, that below 230 moves by 30, so the cubic runs from (207, 170) to (213, 260).
    $marks = nestMarks(['14' => 0.0], ['underarm' => ['14' => [200, 100]], 'hem' => ['14' => [280, 900]]]);
    $seam = drawnOn(nestSvg(['14' => 'M200 100L280 900']), $marks, ['sizes' => ['bust' => '14', 'waist' => '14', 'hip' => '14'], 'lengths' => ['above_waist' => '3 cm'], 'order' => 'blend_first'])->seam;
    $third = hypot(6, 90) / 3;
    [$dx, $dy] = [0.1 / hypot(0.1, 1) * $third, 1 / hypot(0.1, 1) * $third];
    $places = [[203.0, 130.0], [207.0, 170.0], [213.0, 260.0], [233.0, 460.0]];
    for ($t = 0.0; $t <= 1.0; $t += 0.05) {
        $places[] = array_map(
            static fn (float $a, float $b, float $c, float $d): float => (1 - $t) ** 3 * $a + 3 * (1 - $t) ** 2 * $t * $b + 3 * (1 - $t) * $t ** 2 * $c + $t ** 3 * $d,
            [207.0, 170.0],
            [207.0 + $dx, 170.0 + $dy],
            [213.0 - $dx, 260.0 - $dy],
            [213.0, 260.0],
        );
    }
    expect(farthestFrom($seam, $places))->toBeLessThan(0.01);
});

test('a closed line gives the new piece: its own armhole and fold, the hip\'s hem, and the seam between', function (): void {
    // The fold at x = 50; shoulder (150, 20), underarm, hem. The waist size reaches lower.
    $piece = static fn (float $out, float $hem): string => 'M50 60C80 60 100 40 105 20L150 30C140 60 '.(160 + $out).' 95 '.(200 + $out).' 100L'.(180 + $out).' 300L'.(230 + $out).' 500L'.(240 + $out)." {$hem}L50 {$hem}Z";
    $svg = nestSvg(['14' => $piece(0, 900), '18' => $piece(20, 920)]);
    $marks = ['underarm' => ['14' => [200, 100], '18' => [220, 100]], 'hem' => ['14' => [240, 900], '18' => [260, 920]]];
    $choices = ['sizes' => ['bust' => '14', 'waist' => '18', 'hip' => '18'], 'by_hand' => ['bust' => ['front' => '6 mm', 'back' => '0'], 'hip' => ['front' => '5 mm', 'back' => '0']]];
    $line = drawnOn($svg, nestMarks(['14' => 0.0, '18' => 0.0], $marks), $choices);
    expect($line->piece)->not->toBeNull()->and($line->piece->isClosed)->toBeTrue();
    $corners = [[50, 60], [105, 20], [150, 30], [206, 100], [265, 920], [50, 920]];
    expect(farthestFrom($line->piece, $corners))->toBeLessThan(0.01)
        ->and(farthestFrom($line->piece, $line->seam->points()))->toBeLessThan(1e-6)
        // The way with the shoulder and the fold is longer by what the printed armhole is.
        ->and($line->outline->armholeMm)->toBeGreaterThan($line->outline->printedArmholeMm);
    // Half way down the armhole the change is what the height says.
    $armhole = SvgReader::read($svg)->lines[0]->runs[0];
    [$x, $y] = $armhole->at($armhole->nearest(160, 80)[0]);
    expect($line->piece->nearest($x + 6 * ($y - 30) / 70, $y)[1])->toBeLessThan(0.01);
    // In front of the new seam nothing of the frame's own hem is left.
    expect($line->piece->nearest(150, 900)[1])->toBeGreaterThan(10);
});

test('what can\'t be drawn is told at its mark', function (array $change, string $says): void {
    $svg = nestSvg(['14' => 'M200 100V900', '18' => 'M220 100V900']);
    expect(fn () => drawnOn($svg, array_replace_recursive(nestMarks(['14' => 200.0, '18' => 220.0]), $change)))->toThrow($says);
})->with([
    [['lines' => ['18' => 'nothing']], 'lines.18: there is no line "nothing" in the drawing'],
    [['underarm' => ['14' => [290, 100]]], 'underarm.14: lies 90.0 mm from its line'],
    [['waist_y' => 50], 'waist_y: the side seam of 14 doesn\'t come to this height'],
    [['hip_y' => 200], 'hip_y: must lie below the waist'],
    [['hem' => ['14' => [200, 100]]], 'hem.14: is the same place as the underarm'],
    [['piece' => 'sleeve'], 'piece: must be one of front, back'],
    [['grain' => [[1, 1], [1, 1]]], 'grain: must be two places apart'],
]);

test('a level too near leaves no room to lengthen', function (): void {
    $marks = nestMarks(['14' => 200.0, '18' => 220.0], ['lengthen_y' => ['above_waist' => 290, 'below_waist' => null]]);
    expect(fn () => drawnOn(nestSvg(['14' => 'M200 100V900', '18' => 'M220 100V900']), $marks, ['lengths' => ['above_waist' => '3 cm']]))
        ->toThrow('lengthen_y.above_waist: a level lies too near');
});

test('what is written is read again the same', function (): void {
    $svg = nestSvg(['14' => 'M200 100C190 180 190 260 205 300S240 450 240 500V900', '18' => 'M220 104A300 400 10 0 0 262 500V900']);
    $drawing = SvgReader::read($svg);
    $marks = nestMarks(['14' => 0.0], ['lines' => ['14' => 'size-14', '18' => 'size-18'], 'underarm' => ['14' => [200, 100], '18' => [220, 104]], 'hem' => ['14' => [240, 900], '18' => [262, 900]]]);
    $line = NestLine::of(nestPlan(), $drawing, NestMarksReader::read(json_encode($marks)));
    $again = SvgReader::read(NestSvg::of($drawing, ['14' => 'size-14', '18' => 'size-18'], $line, 'Nest <of> "14"'));
    expect([$again->widthMm, $again->heightMm])->toEqualWithDelta([500.0, 1000.0], 0.001);
    foreach (['size-14', 'size-18'] as $id) {
        expect(farthestFrom($again->line($id, ''), $drawing->line($id, '')->points()))->toBeLessThan(0.01)
            ->and(abs($again->line($id, '')->length() - $drawing->line($id, '')->length()))->toBeLessThan(0.02);
    }
    expect(farthestFrom($again->line('new-seam', ''), $line->seam->points()))->toBeLessThan(0.01);
    // Levels and stations stand in groups of their own, each on the new line.
    $groups = array_count_values(array_merge(...array_map(static fn (DrawnLine $one): array => $one->names, $again->lines)));
    expect($groups['levels'])->toBe(2)->and($groups['stations'])->toBe(33)->and($groups['test-squares'])->toBe(2)
        ->and($line->levels[0]->nearest(...$line->seam->at($line->seam->firstAt(300.0)))[1])->toBeLessThan(0.001);
});

<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\Stretch;

use function Tests\Core\cm;

/** From the waist, 20 cm down, to the hip at 40: the line leaves the upper size at 25; the change grows from 0.5 to −1 cm. */
function stretchTo(string $to, BlendShape $shape, ?float $gapAtTop = 1.5, ?float $gapAtEnd = 2.5): Stretch
{
    $gap = static fn (?float $gap): ?BigRational => $gap === null ? null : BigRational::of(cm($gap)->nanometres);

    return new Stretch(
        from: '14',
        to: $to,
        top: cm(20),
        start: cm(25),
        end: cm(40),
        shape: $shape,
        gapAtTop: $gap($gapAtTop),
        gapAtEnd: $gap($gapAtEnd),
        changeAtTop: cm(0.5),
        changeAtEnd: cm(-1),
    );
}

test('blend and change are added up at every station', function (BlendShape $shape, float $depth, float $share, float $blend, float $change): void {
    $station = stretchTo('16', $shape)->station(cm($depth), null);
    expect($station->share->toFloat())->toEqualWithDelta($share, 1e-9)
        ->and($station->blend->nanometres / 1e7)->toEqualWithDelta($blend, 1e-6)
        ->and($station->change->nanometres / 1e7)->toEqualWithDelta($change, 1e-6)
        ->and($station->move)->toEqual($station->blend->plus($station->change))
        ->and([$station->from, $station->to])->toBe(['14', '16']);
})->with([
    // Straight: a third of the way from 25 to 40 the gap is 2 cm and a third of it crossed; half of the change is done.
    'straight, at 30' => [BlendShape::Straight, 30, 1 / 3, 2 / 3, -0.25],
    'curved, at 32.5' => [BlendShape::Curved, 32.5, 0.5, 2.125 / 2, 0.5 - 1.5 * (3 * 0.625 ** 2 - 2 * 0.625 ** 3)],
    'before the line leaves' => [BlendShape::Curved, 25, 0, 0, 0.5 - 1.5 * (3 * 0.0625 - 2 * 0.015625)],
    'at the end' => [BlendShape::Curved, 40, 1, 2.5, -1],
    'below it' => [BlendShape::Curved, 70, 1, 2.5, -1],
    'at the top' => [BlendShape::Straight, 20, 0, 0, 0.5],
]);

test('what is drawn is what is measured', function (BlendShape $shape, string $to): void {
    $stretch = stretchTo($to, $shape);
    foreach ([20, 22, 25, 27.3, 32.5, 39, 40, 55] as $depth) {
        expect($stretch->drawnMove($depth * 1e7))->toEqualWithDelta($stretch->station(cm($depth), null)->move->nanometres, 2, "at {$depth}")
            ->and($stretch->drawnMove($depth * 1e7, true))->toEqualWithDelta(
                $stretch->station(cm($depth), null)->blend->nanometres,
                2,
                "at {$depth}",
            );
    }
})->with([[BlendShape::Curved, '16'], [BlendShape::Straight, '16'], [BlendShape::Curved, '14']]);

test('its steepness is that of the line that is drawn, blend and change together', function (BlendShape $shape, string $to): void {
    $stretch = stretchTo($to, $shape);
    foreach ([21, 24, 26, 30, 33.3, 38, 39.5, 45] as $depth) {
        $near = 100.0;
        $drawn = ($stretch->drawnMove($depth * 1e7 + $near) - $stretch->drawnMove($depth * 1e7 - $near)) / (2 * $near);
        $blended = ($stretch->drawnMove($depth * 1e7 + $near, true) - $stretch->drawnMove($depth * 1e7 - $near, true)) / (2 * $near);
        expect($stretch->slope($depth * 1e7))->toEqualWithDelta($drawn, 1e-6, "at {$depth}")
            ->and($stretch->slope($depth * 1e7, true))->toEqualWithDelta($blended, 1e-6, "at {$depth}");
    }
})->with([[BlendShape::Curved, '16'], [BlendShape::Straight, '16'], [BlendShape::Straight, '14']]);

test('without a figure for the gap the change is known and the line is not; on one line there is no gap to know', function (?float $top, ?float $end): void {
    $unknown = stretchTo('16', BlendShape::Curved, $top, $end)->station(cm(30), 'hip');
    expect([$unknown->blend, $unknown->move, $unknown->level])->toBe([null, null, 'hip'])->and($unknown->change)->not->toBeNull()
        ->and(stretchTo('16', BlendShape::Curved, $top, $end)->drawnMove(3e8))->toBeNull()
        ->and(stretchTo('16', BlendShape::Curved, $top, $end)->slope(3e8))->toBeNull()
        ->and(stretchTo('14', BlendShape::Curved, $top, $end)->station(cm(30), null)->blend)->toEqual(cm(0))
        ->and(stretchTo('14', BlendShape::Curved, $top, $end)->drawnMove(3e8, true))->toBe(0.0);
})->with([[null, 2.5], [1.5, null], [null, null]]);

<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Nest\LineBuilder;
use Underbolt\Nest\Matrix;
use Underbolt\Nest\PathData;
use Underbolt\Nest\PointBudget;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\Stretch;

/*
 * Source: two geometry libraries of the npm registry, bezier-js 6.1 and svg-path-properties 1.3, whose answers
 * for a Bézier curve with upright handles stand in data/curves.json (made by data/curves.mjs). Such a curve
 * crosses sideways as 3s² − 2s³ does.
 */

function millimetres(float $millimetres): Length
{
    return Length::ofNanometres((int) round($millimetres * 1e6));
}

test('a printed line is as long as the two libraries find it', function (float|int $across, float|int $down, float|int $bezier, float|int $path): void {
    $onto = new LineBuilder(new Matrix(), new PointBudget());
    PathData::draw('M 0 0 C 0 '.($down / 3).", {$across} ".(2 * $down / 3).", {$across} {$down}", $onto);
    $length = $onto->lines()[0]->length();
    expect($length)->toEqualWithDelta($bezier, 0.001)->toEqualWithDelta($path, 0.001);
})->with(
    array_map(
        static fn (array $curve): array => [$curve['acrossMm'], $curve['downMm'], $curve['lengthMm'], $curve['pathLengthMm']],
        json_decode((string) file_get_contents(__DIR__.'/data/curves.json'), true),
    ),
);

test('a curved blend runs through the points of the Bézier curve, and is as steep', function (array $curve): void {
    $gap = BigRational::of(millimetres($curve['acrossMm'])->nanometres);
    $segment = new Stretch(
        from: 'a',
        to: 'b',
        top: millimetres(0),
        start: millimetres(0),
        end: millimetres($curve['downMm']),
        shape: BlendShape::Curved,
        gapAtTop: $gap,
        gapAtEnd: $gap,
        changeAtTop: millimetres(0),
        changeAtEnd: millimetres(0),
    );
    foreach ($curve['pointsMm'] as $point) {
        expect($segment->station(millimetres($point['downMm']), null)->move->nanometres / 1e6)->toEqualWithDelta($point['acrossMm'], 1e-5);
    }
    $slopes = array_map(static fn (int $i): float => abs($segment->slope($i / 200 * $curve['downMm'] * 1e6) ?? 0.0), range(0, 200));
    expect(max($slopes))->toEqualWithDelta($curve['steepest'], 1e-9);
})->with(
    array_map(static fn (array $curve): array => [$curve], json_decode((string) file_get_contents(__DIR__.'/data/curves.json'), true)),
);

test('the cubic smoothing is its closed form, s²(3 − 2s), exactly', function (int $up, int $down): void {
    $share = BlendShape::Curved->share(BigRational::nd($up, $down));
    $s = BigRational::nd($up, $down);
    $closed = $s->multipliedBy($s)->multipliedBy(BigRational::of(3)->minus($s->multipliedBy(2)));
    expect($share->isEqualTo($closed))->toBeTrue()
        ->and(BlendShape::Curved->crossed($up / $down))->toEqualWithDelta($closed->toFloat(), 1e-15);
})->with([[0, 1], [1, 7], [1, 4], [1, 2], [2, 3], [997, 1000], [1, 1]]);

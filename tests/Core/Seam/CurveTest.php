<?php

declare(strict_types=1);

use Underbolt\Seam\Curve;
use Underbolt\Seam\CurvePart;

/** How steep a part is at a depth, from what it does a little above and below. */
function steepness(CurvePart $part, float $depth): float
{
    return ($part->at($depth + 0.01) - $part->at($depth - 0.01)) / 0.02;
}

test('one cubic meets both its ends, as steeply as it is told', function (): void {
    $part = new CurvePart(top: 200, end: 600, outAtTop: 50.0, outAtEnd: 90.0, slopeAtTop: 0.5, slopeAtEnd: -0.25);
    expect($part->at(200))->toBe(50.0)->and($part->at(600))->toBe(90.0)
        ->and(steepness($part, 200.02))->toEqualWithDelta(0.5, 1e-3)->and(steepness($part, 599.98))->toEqualWithDelta(-0.25, 1e-3)
        // In the middle: the mean of the ends, and an eighth of the length for each slope.
        ->and($part->at(400))->toEqualWithDelta(70 + 400 / 8 * 0.75, 1e-9)
        // A quarter of the way down, by the cubic of Hermite: 27/32, 5/32, 9/64 and -3/64 of the four.
        ->and($part->at(300))->toEqualWithDelta(27 / 32 * 50 + 5 / 32 * 90 + 400 * (9 / 64 * 0.5 + 3 / 64 * 0.25), 1e-9);
});

test('what is straight stays straight, and a smoothstep is one cubic', function (): void {
    $straight = new CurvePart(0, 1000, 10.0, 30.0, 0.02, 0.02);
    $step = new CurvePart(0, 1000, 0.0, 100.0, 0.0, 0.0);
    foreach ([0.1, 0.25, 0.5, 0.8] as $way) {
        expect($straight->at($way * 1000))->toEqualWithDelta(10 + 20 * $way, 1e-9)
            ->and($step->at($way * 1000))->toEqualWithDelta(100 * (3 * $way ** 2 - 2 * $way ** 3), 1e-9);
    }
});

test('a line is put together from break to break, each piece asked just inside its own', function (): void {
    $asked = [];
    $curve = Curve::through(
        [0, 1000, 3000],
        static fn (float $depth): float => $depth / 10,
        static function (float $depth, float $middle) use (&$asked): float {
            $asked[] = [$depth, $middle];

            return 0.1;
        },
        2,
    );
    expect(array_map(static fn (CurvePart $part): array => [$part->top, $part->end, $part->outAtTop, $part->outAtEnd], $curve->parts))
        ->toBe([[0, 500, 0.0, 50.0], [500, 1000, 50.0, 100.0], [1000, 2000, 100.0, 200.0], [2000, 3000, 200.0, 300.0]])
        ->and($asked)->toEqual([[1, 500], [499, 500], [501, 500], [999, 500], [1001, 2000], [1999, 2000], [2001, 2000], [2999, 2000]]);
});

test('a jump at a break has a part that ends before it and one that begins after it', function (): void {
    $curve = Curve::through([0, 100, 200], static fn (float $depth, float $middle): float => $middle < 100 ? 1.0 : 5.0, static fn (): float => 0.0);
    expect($curve->at(99))->toBe(1.0)->and($curve->at(101))->toBe(5.0)->and($curve->parts)->toHaveCount(2);
});

test('it is open where nothing is known, above its top and below its end', function (): void {
    $known = static fn (float $depth, float $middle): ?float => $middle > 100 && $middle < 200 ? null : 7.0;
    $curve = Curve::through([0, 100, 200, 300], $known, static fn (): float => 0.0);
    expect(array_map(static fn (CurvePart $part): int => $part->top, $curve->parts))->toBe([0, 200])
        ->and(array_map($curve->at(...), [-1, 0, 100, 150, 200, 300, 301]))->toBe([null, 7.0, 7.0, null, 7.0, 7.0, null]);
    $steepUnknown = Curve::through([0, 100], static fn (): float => 7.0, static fn (float $depth): ?float => $depth > 50 ? null : 0.0);
    expect($steepUnknown->parts)->toBe([]);
});

test('two levels in one place have no line between them', function (): void {
    $curve = Curve::through([0, 400, 400, 600], static fn (float $depth): float => $depth, static fn (): float => 1.0, 3);
    expect($curve->parts)->toHaveCount(6)->and($curve->at(400))->toBe(400.0);
});

test('a piece shorter than its cubics is drawn with those that have a length', function (): void {
    $curve = Curve::through([0, 2], static fn (float $depth): float => $depth, static fn (): float => 1.0, 4);
    expect(array_map(static fn (CurvePart $part): array => [$part->top, $part->end], $curve->parts))->toBe([[0, 1], [1, 2]]);
});

<?php

declare(strict_types=1);

use Underbolt\File\PracticeReader;
use Underbolt\Measure\Unit;
use Underbolt\Practice\ConvexHull;
use Underbolt\Practice\Exercises\Draw;
use Underbolt\Practice\Exercises\Halves;
use Underbolt\Practice\Exercises\WhichCounts;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\Ring;
use Underbolt\Practice\Tangents;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;
use Underbolt\Practice\Torso;

/** A column of one section everywhere: nothing but its own form is measured. */
function column(float $width, float $front, ?float $rear = null): Figure
{
    $rings = array_map(static fn (float $z): Ring => new Ring($z, $width, $front, $rear ?? $front, 0.0), [0.0, 400.0, 800.0, 1200.0, 1600.0]);

    return new Figure('a column', $rings, ['underbust' => 1180.0, 'bust' => 1250.0, 'high_bust' => 1320.0, 'waist' => 1050.0, 'trouser_line' => 990.0, 'hip' => 850.0]);
}

/** The girth of an ellipse by the arithmetic-geometric mean (Gauss; Abramowitz and Stegun 17.6). */
function girthByMeans(float $a, float $b): float
{
    [$x, $y, $sum, $power] = [max($a, $b), min($a, $b), 0.0, 0.5];
    $sum = $power * ($x ** 2 - $y ** 2);
    while (abs($x - $y) > 1e-13 * $x) {
        [$x, $y] = [($x + $y) / 2, sqrt($x * $y)];
        $power *= 2;
        $sum += $power * ($x ** 2 - $y ** 2);
    }

    return 2 * M_PI * (max($a, $b) ** 2 - $sum) / ($x + $y) * 2;
}

// Source: the complete elliptic integral of the second kind as SciPy 1.10.1 has it (scipy.special.ellipe), and by the arithmetic-geometric mean.
test('round a column a slanting tape is as long as the ellipse it draws', function (float $front, float $bySciPy): void {
    $reading = TapeReading::of(column(150, 100), new Placing(TapePoint::Waist, front: $front))->reading;
    expect($reading)->toEqualWithDelta($bySciPy, 0.002)->toEqualWithDelta(girthByMeans(150, hypot(100, $front)), 0.002);
})->with([[0.0, 793.2719794645294], [20.0, 798.8234174718118], [60.0, 840.8940764498045]]);

// Source: the same ellipse, turned: a column that is as wide as it is deep tilts alike to the front and to the side.
test('a tape that slants to the side of a round column is as long as one that slants to the front', function (): void {
    $read = static fn (float $front, float $left): float => TapeReading::of(column(120, 120), new Placing(TapePoint::Waist, front: $front, left: $left))->reading;
    expect($read(0.0, 45.0))->toEqualWithDelta($read(45.0, 0.0), 1e-4)
        ->and($read(36.0, 27.0))->toEqualWithDelta($read(45.0, 0.0), 1e-4);
});

// Source: S. Ramanujan, Modular equations and approximations to pi, 1914: his second formula for the girth of an ellipse.
test('a level section is as long as Ramanujan\'s second formula has it', function (float $width, float $front, float $rear): void {
    $ramanujan = static function (float $a, float $b): float {
        $h = (($a - $b) / ($a + $b)) ** 2;

        return M_PI * ($a + $b) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h)));
    };
    $half = ($ramanujan($width, $front) + $ramanujan($width, $rear)) / 2;
    expect(TapeReading::of(column($width, $front, $rear), new Placing(TapePoint::Hip))->true / $half)->toEqualWithDelta(1.0, 1e-5);
})->with([[150, 100, 100], [170, 111, 136], [135, 135, 90], [160, 128, 96]]);

// Source: J. Steiner 1840: the length of a curve laid off by d round a convex one is longer by 2 pi d, whatever its form.
test('cloth under the tape adds its thickness round the whole of any body', function (float $over): void {
    $reading = TapeReading::of(column(150, 90, 120), new Placing(TapePoint::Bust, over: $over));
    expect($reading->shares)->toBe(['cloth' => $reading->reading - $reading->true])
        ->and($reading->reading - $reading->true)->toEqualWithDelta(2 * M_PI * $over, 1e-9);
})->with([1.5, 6.0, 20.0]);

// Source: school geometry: a belt round a circle and one point outside it is two tangents and the rest of the circle.
test('one finger under the tape is a belt round a circle and a point', function (float $girth): void {
    $radius = $girth / (2 * M_PI);
    $away = $radius + 12;
    $belt = 2 * sqrt($away ** 2 - $radius ** 2) + $radius * (2 * M_PI - 2 * acos($radius / $away));
    $circle = array_map(static fn (int $i): array => [$radius * cos($i * M_PI / 7200), $radius * sin($i * M_PI / 7200)], range(0, 14_399));
    expect(TapeReading::fingers(1, $girth))->toEqualWithDelta($belt - $girth, 1e-9)
        ->and(ConvexHull::length([...$circle, [$away, 0.0]]) - $girth)->toEqualWithDelta($belt - $girth, 0.001);
    // Two and three lie beside each other: the points at the ends of a board as far off.
    foreach ([2, 3] as $count) {
        $half = 8.5 * ($count - 1);
        expect(TapeReading::fingers($count, $girth))->toEqualWithDelta(ConvexHull::length([...$circle, [$away, -$half], [$away, $half]]) - $girth, 0.001);
    }
})->with([620.0, 900.0, 1300.0]);

// Source: the same geometry: from both edges of a board tangents run to the circle.
test('round a circle and a board the tape is as long as the closed form has it', function (): void {
    $radius = 150.0;
    $out = 190.0;
    $ring = static fn (float $z, float $c): Ring => new Ring($z, $radius, $radius, $radius, $c);
    // A front that comes 40 mm farther between hip and waist than at the hip.
    $figure = new Figure('a bent column', [$ring(700, 0), $ring(850, 0), $ring(950, 40), $ring(1050, 0), $ring(1500, 0)], column(1, 1)->at);
    $away = hypot(60.0, $out);
    $edge = atan2(60.0, $out);
    $tangent = 2 * (sqrt($away ** 2 - $radius ** 2) + 60.0) + $radius * (2 * M_PI - 2 * ($edge + acos($radius / $away)));
    $reading = TapeReading::of($figure, new Placing(TapePoint::Hip));
    expect($reading->true)->toEqualWithDelta($tangent, 0.01)->and($reading->shares)->toBe([])
        ->and(TapeReading::of($figure, new Placing(TapePoint::Hip, board: false))->shares['board'])->toEqualWithDelta(2 * M_PI * $radius - $tangent, 0.01);
});

// Source: SciPy 1.10.1 (Debian's python3-scipy), scipy.interpolate.PchipInterpolator, inner tangents and values between inner points.
test('between rings a figure goes as the reference library\'s monotone interpolation', function (): void {
    $z = [0.0, 40.0, 100.0, 130.0, 200.0, 260.0];
    $w = [120.0, 135.0, 128.0, 90.0, 96.0, 140.0];
    $tangents = Tangents::of($z, $w);
    expect(array_slice($tangents, 1, 4))->toEqualWithDelta([0.0, -0.23539823008849559, 0.0, 0.15666463785757762], 1e-12)
        ->and([$tangents[0], $tangents[5]])->toEqualWithDelta([15 / 40, 44 / 60], 1e-12);
    $torso = new Torso(new Figure('', array_map(static fn (float $z, float $w): Ring => new Ring($z, $w, 1, 1, 0), $z, $w), column(1, 1)->at), false);
    $widths = array_map(static fn (float $z): float => $torso->at($z)[0], [50.0, 70.0, 110.0, 115.0, 150.0, 190.0]);
    expect($widths)->toEqualWithDelta([134.8084234677155, 133.26548672566372, 117.10193379219929, 108.11725663716814, 90.55005687171834, 94.5166329813379], 1e-9);
});

// Source: Ramanujan's second formula, as above, for each half of a section by itself.
test('the halves that are asked about are those of the two half ellipses', function (float $front, float $rear): void {
    $half = static function (float $a, float $b): float {
        $h = (($a - $b) / ($a + $b)) ** 2;

        return M_PI / 2 * ($a + $b) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h)));
    };
    for ($seed = 0; $seed < 20; $seed++) {
        $question = Halves::draw(new Draw($seed), 'column', column(150, $front, $rear), Unit::Centimetre);
        if ($question->figure !== null) {
            preg_match('/^The front half is ([\d.]+) cm, the back half ([\d.]+) cm\.$/', $question->told[0], $told);
            expect((float) $told[1])->toEqualWithDelta($half(150, $front) / 10, 0.051)->and((float) $told[2])->toEqualWithDelta($half(150, $rear) / 10, 0.051)
                ->and($question->choices[$question->answer])->toStartWith(match (true) {
                    abs($half(150, $front) - $half(150, $rear)) < 8 => 'both are the same',
                    $front > $rear => 'the front, by',
                    default => 'the back, by',
                });
        }
    }
})->with([[100, 100], [128, 96], [92, 117]]);

// Common practice, no published source: the waist at the trouser line reads some centimetres more, and a spread of readings is no less than what the tape shows.
test('of three readings of a waist the odd one is some centimetres more, taken at the trouser line', function (): void {
    foreach (['slender', 'round', 'shoulder-low'] as $code) {
        $figure = PracticeReader::figure((string) file_get_contents(__DIR__."/../../resources/figures/{$code}.json"));
        for ($seed = 0; $seed < 12; $seed++) {
            $question = WhichCounts::draw(new Draw($seed), $code, $figure, Unit::Centimetre);
            $figures = array_map(static fn (string $one): float => (float) $one, $question->choices);
            sort($figures);
            if (str_contains($question->text, 'waist')) {
                expect($figures[2] - $figures[0])->toBeGreaterThan(3.5)->toBeLessThan(7.5)->and($figures[1] - $figures[0])->toBeLessThan(1.0);
            }
        }
    }
});

<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\PrintedLine;
use Underbolt\Seam\SeamLength;
use Underbolt\Seam\Stretch;

use function Tests\Core\cm;

/** The slope of a curve that is f(s) times as long as its depth at each share s of the way. */
function slopeOf(callable $f, int $from, int $to): callable
{
    return static fn (float $depth): float => sqrt(max(0, $f(($depth - $from) / ($to - $from)) ** 2 - 1));
}

test('up to a cubic the rule is exact', function (callable $f, float $times): void {
    $length = SeamLength::of([0, 1_000_000], slopeOf($f, 0, 1_000_000))->nanometres;
    expect($length)->toBe((int) round($times * 1_000_000));
})->with([
    'straight down' => [static fn (float $s): float => 1, 1],
    'aslant' => [static fn (float $s): float => 2.5, 2.5],
    'growing' => [static fn (float $s): float => 1 + $s, 1.5],
    'as a square' => [static fn (float $s): float => 1 + 3 * $s ** 2, 2],
    'as a cube' => [static fn (float $s): float => 1 + 4 * $s ** 3, 2],
    'rounded to the nearer' => [static fn (float $s): float => 1.000_000_6, 1.000_001],
    'rounded down' => [static fn (float $s): float => 1.000_000_4, 1],
]);

test('parts are added, each with a slope of its own', function (): void {
    $slope = static fn (float $depth): float => $depth < 400 ? 0.0 : 0.75;
    expect(SeamLength::of([0, 400, 1200], $slope)->nanometres)->toBe(1400)
        ->and(SeamLength::of([100, 400], $slope)->nanometres)->toBe(300)
        ->and(SeamLength::of([100], $slope)->nanometres)->toBe(0);
});

test('at a break each part asks just inside its own side', function (): void {
    $asked = [];
    SeamLength::of([0, 160], static function (float $depth) use (&$asked): float {
        $asked[] = $depth;

        return 0.0;
    });
    expect($asked)->toHaveCount(17)
        ->and(min($asked))->toBeGreaterThan(0.0)->toBeLessThan(0.001)
        ->and(max($asked))->toBeLessThan(160.0)->toBeGreaterThan(159.999)
        ->and($asked[1])->toBe(10.0)->and($asked[8])->toBe(80.0);
});

test('the steepest place is found at the ends and in the middle of every part, either way', function (callable $slope, float $steepest): void {
    expect(SeamLength::steepest([0, 100, 300], $slope))->toEqualWithDelta($steepest, 1e-12);
})->with([
    'at the very top' => [static fn (float $d): float => 1 - $d / 300, 1],
    'at the very end' => [static fn (float $d): float => $d / 300, 1],
    'in the middle of the second part' => [static fn (float $d): float => max(0, 1 - abs($d - 200) / 200), 1],
    'inward' => [static fn (float $d): float => $d < 50 ? 0 : -0.5, 0.5],
    'flat' => [static fn (float $d): float => 0.0, 0],
]);

$segment = static fn (BlendShape $shape, int $top, int $end): Stretch => new Stretch(
    from: 'a',
    to: 'b',
    top: cm(10),
    start: cm(12),
    end: cm(22),
    shape: $shape,
    gapAtTop: BigRational::of($top),
    gapAtEnd: BigRational::of($end),
    changeAtTop: cm(0),
    changeAtEnd: cm(0),
);

test('the slope of a blend is how its offset grows', function (BlendShape $shape, int $top, int $end) use ($segment): void {
    $line = $segment($shape, $top, $end);
    foreach ([12.5, 14, 17, 20, 21.5] as $depth) {
        $step = cm($depth + 0.001)->nanometres - cm($depth - 0.001)->nanometres;
        $grown = $line->station(cm($depth + 0.001), null)->move->nanometres - $line->station(cm($depth - 0.001), null)->move->nanometres;
        expect($line->slope(cm($depth)->nanometres))->toEqualWithDelta($grown / $step, 1e-4);
    }
    expect($line->slope(cm(11)->nanometres))->toBe(0.0)->and($line->slope(cm(11.99)->nanometres))->toBe(0.0)
        ->and($line->slope(cm(23)->nanometres))->toBe(0.0)->and($line->slope(cm(22.01)->nanometres))->toBe(0.0);
})->with([
    [BlendShape::Curved, 20_000_000, 20_000_000], [BlendShape::Curved, 10_000_000, 30_000_000],
    [BlendShape::Straight, 20_000_000, 20_000_000],
    [BlendShape::Straight, -10_000_000, 30_000_000], [BlendShape::Curved, 0, -25_000_000],
]);

test('a straight blend leaves and arrives as steep as it is, a curved one along the printed lines', function () use ($segment): void {
    $straight = $segment(BlendShape::Straight, 20_000_000, 20_000_000);
    $curved = $segment(BlendShape::Curved, 20_000_000, 20_000_000);
    expect($straight->slope(cm(12)->nanometres))->toBe(0.2)->and($straight->slope(cm(22)->nanometres))->toBe(0.2)
        ->and($curved->slope(cm(12)->nanometres))->toBe(0.0)
        ->and($curved->slope(cm(17)->nanometres))->toEqualWithDelta(0.3, 1e-12)
        ->and($curved->slope(cm(22)->nanometres))->toBe(0.0);
});

test('where a figure is not printed there is neither slope nor offset', function (): void {
    $none = static fn (?int $top, ?int $end): Stretch => new Stretch(
        from: 'a',
        to: 'b',
        top: cm(0),
        start: cm(0),
        end: cm(10),
        shape: BlendShape::Curved,
        gapAtTop: $top === null ? null : BigRational::of($top),
        gapAtEnd: $end === null ? null : BigRational::of($end),
        changeAtTop: cm(0),
        changeAtEnd: cm(0),
    );
    foreach ([$none(null, 5), $none(5, null)] as $segment) {
        expect($segment->slope(1.0))->toBeNull()
            ->and($segment->station(cm(5), null)->move)->toBeNull()
            ->and($segment->drawnMove((float) cm(5)->nanometres))->toBeNull()
            // Before anything is crossed no gap is needed.
            ->and($segment->station(cm(0), null)->move)->toEqual(cm(0));
    }
});

test('the shapes: shares and their slopes', function (): void {
    expect(BlendShape::Straight->crossed(0.25))->toBe(0.25)->and(BlendShape::Straight->slope(0.25))->toBe(1.0)
        ->and(BlendShape::Curved->crossed(0.25))->toBe(0.156_25)->and(BlendShape::Curved->slope(0.25))->toBe(1.125);
});

test('a printed line turns between its levels and stands upright at them and beyond', function (): void {
    $line = PrintedLine::through([0 => 24e7, cm(20)->nanometres => 20e7, cm(40)->nanometres => 27e7]);
    $slope = static fn (float $depth): float => $line->slope(cm($depth)->nanometres);
    expect($slope(0))->toBe(0.0)
        ->and($slope(20))->toBe(0.0)
        ->and($slope(40))->toBe(0.0)
        ->and($slope(60))->toBe(0.0)
        ->and($slope(-5))->toBe(0.0)
        ->and($slope(10))->toEqualWithDelta(-0.3, 1e-12)->and($slope(30))->toEqualWithDelta(0.525, 1e-12)
        ->and($slope(5))->toEqualWithDelta(-0.225, 1e-12);
});

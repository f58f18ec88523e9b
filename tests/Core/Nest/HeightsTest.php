<?php

declare(strict_types=1);

use Underbolt\Nest\Heights;
use Underbolt\Nest\Line;
use Underbolt\Nest\ThinnedLine;

/** A line that wanders up and down, now and then level, the same for a number. */
function wandering(int $seed, int $points = 60): Line
{
    mt_srand($seed);
    $x = $y = [0.0];
    for ($i = 1; $i < $points; $i++) {
        $x[] = $x[$i - 1] + mt_rand(-30, 60) / 10;
        $y[] = $y[$i - 1] + (mt_rand(0, 4) === 0 ? 0 : mt_rand(-25, 60) / 10);
    }

    return new Line($x, $y);
}

/** How far a place is from a line, by trying a thousand places of each piece. */
function farByTrying(Line $line, float $x, float $y): float
{
    $least = INF;
    for ($i = 1, $all = count($line->x); $i < $all; $i++) {
        for ($share = 0; $share <= 1000; $share++) {
            $least = min($least, hypot(
                $line->x[$i - 1] + ($line->x[$i] - $line->x[$i - 1]) * $share / 1000 - $x,
                $line->y[$i - 1] + ($line->y[$i] - $line->y[$i - 1]) * $share / 1000 - $y,
            ));
        }
    }

    return $least;
}

test('a height is first come to where walking down the line finds it, however it wanders', function (int $seed): void {
    $line = wandering($seed);
    $heights = new Heights($line);
    [, $top, , $bottom] = $line->box();
    for ($height = $top; $height <= $bottom; $height += 0.37) {
        $way = $line->firstAt($height);
        assert($way !== null);
        expect($heights->x($height))->toEqualWithDelta($line->at($way)[0], 1e-9, "at {$height}");
    }
    // Its own points among them, the first and the outermost too.
    foreach ($line->y as $height) {
        expect($heights->x($height))->toEqualWithDelta($line->at((float) $line->firstAt($height))[0], 1e-9);
    }
    expect($heights->x($top - 0.001))->toBeNull()->and($heights->x($bottom + 0.001))->toBeNull();
})->with([1, 2, 3, 4, 5, 6]);

test('a level line is come to at its beginning', function (): void {
    expect((new Heights(new Line([3.0, 9.0], [5.0, 5.0])))->x(5.0))->toBe(3.0);
});

test('the nearest place is where trying finds none nearer, and its way leads there', function (int $seed): void {
    $line = wandering($seed, 12);
    foreach ([[5.0, 5.0], [-20.0, 3.0], [14.0, 30.0], [400.0, 400.0], [$line->x[4], $line->y[4]]] as [$x, $y]) {
        [$way, $away] = $line->nearest($x, $y);
        [$placeX, $placeY] = $line->at($way);
        expect($away)->toEqualWithDelta(farByTrying($line, $x, $y), 0.01)->and(hypot($placeX - $x, $placeY - $y))->toEqualWithDelta($away, 1e-9);
    }
})->with([7, 8, 9]);

test('a point drawn twice is near, and is no place without a way', function (): void {
    expect((new Line([0.0, 2.0, 2.0, 2.0], [0.0, 0.0, 0.0, 5.0]))->nearest(3.0, 0.0))->toBe([2.0, 1.0]);
});

test('a thinned line keeps its ends, and strays nowhere farther than it may', function (float $within): void {
    $line = wandering(10, 200);
    $points = ThinnedLine::points($line, $within);
    $thinned = Line::through($points);
    expect(count($points))->toBeLessThan(200)->and($points[0])->toBe([$line->x[0], $line->y[0]])->and($points[count($points) - 1])->toBe([$line->x[199], $line->y[199]]);
    foreach ($line->points() as [$x, $y]) {
        expect($thinned->nearest($x, $y)[1])->toBeLessThanOrEqual($within + 1e-9);
    }
})->with([0.5, 2.0, 8.0]);

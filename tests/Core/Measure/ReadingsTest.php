<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Underbolt\Measure\Counting;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;

use function Tests\Core\cm;

uses(TestTrait::class);

test('the measure is the middle reading, or half way between the two middle ones', function (array $cm, float $median, float $spread): void {
    $readings = Readings::of(array_map(static fn (float $one): Length => cm($one), $cm));
    expect($readings->median())->toEqual(cm($median))->and($readings->spread())->toEqual(cm($spread));
})->with([
    [[80.0], 80, 0], [[84.0, 80.0], 82, 4], [[80.0, 95.0, 81.0], 81, 15], [[80.0, 81.0, 82.0, 99.0], 81.5, 19],
]);

test('a waist is the smallest of its tries, a hip the largest, however far they lie apart', function (Point $point, array $tries, float $measure, Counting $counting): void {
    $readings = Readings::of(array_map(static fn (float $one): Length => cm($one), $tries));
    expect($readings->measureOf($point))->toEqual(cm($measure))->and($readings->counting($point))->toBe($counting);
})->with([
    [Point::Waist, [75.0, 74.0, 76.5], 74, Counting::Smallest], [Point::Waist, [82.0, 77.0, 76.5], 76.5, Counting::Smallest],
    [Point::Waist, [74.0], 74, Counting::Only], [Point::Hip, [99.0, 101.0, 100.0], 101, Counting::Largest],
    [Point::ThighLevel, [99.0, 101.0], 101, Counting::Largest], [Point::Hip, [96.0, 101.0, 100.0], 101, Counting::Largest],
    [Point::FullBust, [92.0, 93.0, 95.0], 93, Counting::Middle], [Point::HighHip, [92.0, 93.0], 92.5, Counting::Middle],
]);

test('a reading that was picked counts at any point, but one alone was picked by nobody', function (Point $point): void {
    $tries = [cm(82), cm(77), cm(76.5)];
    $readings = Readings::of($tries, $tries[1]);
    expect($readings->measureOf($point))->toEqual(cm(77))->and($readings->counting($point))->toBe(Counting::Picked)
        ->and(Readings::of([$tries[1]], $tries[1])->counting($point))->toBe(Counting::Only);
})->with([Point::Waist, Point::Hip, Point::FullBust]);

test('tries at a hunted point further apart than 3 cm were perhaps taken at two places', function (Point $point, float $second, bool $isAsked): void {
    expect(Readings::of([cm(74), cm($second)])->perhapsAtTwoPlaces($point))->toBe($isAsked);
})->with([[Point::Waist, 77, false], [Point::Waist, 77.1, true], [Point::Hip, 77.1, true], [Point::FullBust, 79, false]]);

test('the measure never lies outside the readings, whatever their order', function (): void {
    $this->forAll(Generators::seq(Generators::choose(20, 3000)))->then(function (array $tries): void {
        if ($tries === []) {
            return;
        }
        $readings = Readings::of(array_map(Length::ofNanometres(...), $tries));
        $backwards = Readings::of(array_map(Length::ofNanometres(...), array_reverse($tries)));
        expect($readings->median()->nanometres)->toBeGreaterThanOrEqual(min($tries))->toBeLessThanOrEqual(max($tries))
            ->and($readings->median())->toEqual($backwards->median())
            ->and($readings->spread()->nanometres)->toBe(max($tries) - min($tries));
    });
});

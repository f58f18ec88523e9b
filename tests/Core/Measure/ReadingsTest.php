<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
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

test('a waist is the smallest of its tries, a hip the largest, unless they lie too far apart', function (Point $point, array $tries, float $measure): void {
    expect(Readings::of(array_map(static fn (float $one): Length => cm($one), $tries))->measureOf($point))->toEqual(cm($measure));
})->with([
    [Point::Waist, [75.0, 74.0, 76.5], 74], [Point::Waist, [74.0, 77.0], 74], [Point::Waist, [74.0, 77.1, 75.0], 75],
    [Point::Hip, [99.0, 101.0, 100.0], 101], [Point::ThighLevel, [99.0, 101.0], 101], [Point::Hip, [97.0, 101.0, 100.0], 100],
    [Point::FullBust, [92.0, 93.0, 95.0], 93], [Point::HighHip, [92.0, 93.0], 92.5],
]);

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

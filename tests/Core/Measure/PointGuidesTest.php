<?php

declare(strict_types=1);

use Underbolt\Measure\Point;
use Underbolt\Measure\PointGuides;
use Underbolt\Measure\PointSet;
use Underbolt\Measure\StandView;

test('every point has a guide', function (): void {
    expect(array_keys(PointGuides::all()))->toEqualCanonicalizing(array_column(Point::cases(), 'value'));
});

test('no guide leaves a sentence out, and no usual figure is one that would be refused', function (): void {
    foreach (PointGuides::all() as $guide) {
        foreach ([$guide->name, $guide->where, $guide->mistake, $guide->trick, $guide->otherWay] as $sentence) {
            expect($sentence)->not->toBe('');
        }
        [$least, $most] = $guide->point->kind()->limitsCm();
        expect($guide->usualCm[0])->toBeGreaterThanOrEqual($least)->toBeLessThan($guide->usualCm[1])
            ->and($guide->usualCm[1])->toBeLessThanOrEqual($most);
    }
});

test('a set asks from the top of the body down, and never twice', function (PointSet $set): void {
    $order = array_flip(array_keys(PointGuides::all()));
    $places = array_map(static fn (Point $point): int => $order[$point->value], $set->points());
    $rising = $places;
    sort($rising);
    expect($places)->toBe($rising)->and(array_unique($places))->toHaveCount(count($places));
})->with(PointSet::cases());

test('a dress asks for no leg, and the three are the three', function (): void {
    expect(PointSet::Three->points())->toBe([Point::FullBust, Point::Waist, Point::Hip])
        ->and(PointSet::Dress->points())->not->toContain(Point::Inseam)->not->toContain(Point::CrotchLength);
});

test('a line round the stand is drawn down the stand, an arm’s on the arm', function (): void {
    foreach (PointGuides::all() as $guide) {
        expect($guide->tape->from)->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual(100);
    }
    expect(PointGuides::all()['bicep']->tape->view)->toBe(StandView::Arm);
});

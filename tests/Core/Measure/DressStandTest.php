<?php

declare(strict_types=1);

use Underbolt\Measure\DressStand;
use Underbolt\Measure\PointGuides;
use Underbolt\Measure\StandView;
use Underbolt\Measure\TapeLine;

test('the outline keeps inside the drawing from every side', function (StandView $view): void {
    for ($height = 0; $height <= 100; $height += 5) {
        [$left, $right] = DressStand::sides($view, $height);
        expect($left)->toBeGreaterThan(0)->and($right)->toBeLessThan(DressStand::WIDTH)->and($right - $left)->toBeGreaterThan(20);
    }
    expect(DressStand::with(TapeLine::round($view, 30))->outline)->toMatch('/^M[\d. CL-]+Z$/');
})->with(StandView::cases());

test('the stand is narrowest at the waist, between bust and hip', function (): void {
    $wide = static fn (int $height): float => DressStand::sides(
        StandView::Front,
        $height,
    )[1] - DressStand::sides(StandView::Front, $height)[0];
    expect($wide(52))->toBeLessThan($wide(32))->toBeLessThan($wide(80));
});

test('a girth goes round from side to side, sagging in front and hidden behind', function (): void {
    $stand = DressStand::with(TapeLine::round(StandView::Front, 52));
    [$left, $right] = DressStand::sides(StandView::Front, 52);
    expect($stand->tape)->toStartWith("M{$left} ")->toContain(" {$right} ")
        ->and($stand->hidden)->toStartWith("M{$left} ")->not->toBe($stand->tape)
        ->and($stand->arrows)->toBeNull();
});

/** @return list<float> */
function tapeEnds(TapeLine $line): array
{
    return array_map(floatval(...), preg_split('/[ML ]/', DressStand::with($line)->tape, -1, PREG_SPLIT_NO_EMPTY));
}

test('arrows point outwards at both ends of a length', function (): void {
    [$x0, $y0, $x1, $y1] = tapeEnds(TapeLine::along(StandView::Side, 24, 52));
    $arrows = DressStand::with(TapeLine::along(StandView::Side, 24, 52))->arrows;
    expect($arrows)->toStartWith("M{$x0} {$y0}L".($x0 - 7).' '.($y0 + 11))->toContain("ZM{$x1} {$y1}L".($x1 - 7).' '.($y1 - 11));
});

test('a length runs down, a width across, and what runs off the stand is drawn beside it', function (): void {
    [$x0, $y0, $x1, $y1] = tapeEnds(TapeLine::along(StandView::Side, 24, 52));
    expect($x0)->toBe($x1)->and($y1)->toBeGreaterThan($y0);
    [$x0, $y0, $x1, $y1] = tapeEnds(TapeLine::along(StandView::Front, 32, 32));
    expect($y0)->toBe($y1)->and($x1)->toBeGreaterThan($x0);
    expect(tapeEnds(TapeLine::along(StandView::Front, 0, 100))[0])->toBeGreaterThan(DressStand::sides(StandView::Front, 80)[1]);
});

test('every point has a drawing inside the sheet', function (): void {
    foreach (PointGuides::all() as $guide) {
        $stand = DressStand::with($guide->tape);
        preg_match_all('/-?[\d.]+/', $stand->tape, $numbers);
        expect(max($numbers[0]))->toBeLessThan(DressStand::HEIGHT)->and(min($numbers[0]))->toBeGreaterThan(0);
    }
});

test('an arm stands on no pole', function (): void {
    expect(DressStand::with(TapeLine::round(StandView::Arm, 30))->pole)->toBeNull();
});

<?php

declare(strict_types=1);

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\BustAdjustment;

use function Tests\Core\cm;

test('the method follows the fullness, unless it is chosen', function (?float $fullness, ?AdjustmentMethod $chosen, AdjustmentMethod $method): void {
    expect(BustAdjustment::of(cm(3), $fullness === null ? null : cm($fullness), $chosen)->method)->toBe($method);
})->with([
    [10.16, null, AdjustmentMethod::Pivot], [10.17, null, AdjustmentMethod::Slash], [null, null, AdjustmentMethod::Pivot],
    [2, AdjustmentMethod::Slash, AdjustmentMethod::Slash], [12, AdjustmentMethod::Pivot, AdjustmentMethod::Pivot],
]);

test('where there is nothing to adjust there is no method either', function (): void {
    expect(BustAdjustment::of(cm(0), cm(5), AdjustmentMethod::Slash)->isMade())->toBeFalse();
});

test('pivoting moves all four edges, slashing the two in front twice as far', function (): void {
    $moves = static fn (AdjustmentMethod $method): array => [
        ($edges = BustAdjustment::of(cm(4), null, $method)->atEdges())->front,
        $edges->back,
    ];
    expect($moves(AdjustmentMethod::Pivot))->toEqual([cm(1), cm(1)])->and($moves(AdjustmentMethod::Slash))->toEqual([cm(2), cm(0)]);
});

test('more than four centimetres pivoted widen the back; slashed they never do', function (float $total, AdjustmentMethod $method, bool $widens): void {
    expect(BustAdjustment::of(cm($total), null, $method)->widensBack())->toBe($widens);
})->with([[4, AdjustmentMethod::Pivot, false], [4.01, AdjustmentMethod::Pivot, true], [9, AdjustmentMethod::Slash, false]]);

test('an adjustment that adds is a full one, one that takes away a small one', function (float $total, AdjustmentKind $kind): void {
    expect(BustAdjustment::of(cm($total), cm(5), null)->kind)->toBe($kind);
})->with([[0.1, AdjustmentKind::Full], [-0.1, AdjustmentKind::Small], [0, AdjustmentKind::None]]);

<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;

test('a 64th of an inch and a tenth of a millimetre are both whole', function (): void {
    expect(Length::ofSixtyFourths(64)->nanometres)->toBe(Unit::Inch->nanometres())
        ->and(Length::ofSixtyFourths(1)->nanometres)->toBe(396_875)
        ->and(cm(0.01)->nanometres)->toBe(100_000);
});

test('sums and differences are exact', function (): void {
    $tenth = cm(0.1);
    expect($tenth->plus(cm(0.2))->nanometres)->toBe(cm(0.3)->nanometres)
        ->and($tenth->minus(cm(0.3))->nanometres)->toBe(-2_000_000);
});

test('a quotient is rounded half away from zero to a nanometre', function (int $nanometres, int $parts, int $expected): void {
    expect(Length::ofNanometres($nanometres)->dividedBy($parts)->nanometres)->toBe($expected);
})->with([
    [10, 4, 3], [-10, 4, -3], [9, 4, 2], [-9, 4, -2], [11, 4, 3], [7, 3, 2], [8, 3, 3], [-8, 3, -3], [0, 4, 0], [5, 1, 5],
]);

test('a product with a fraction is rounded half away from zero', function (): void {
    expect(Length::ofNanometres(3)->times(BigRational::nd(1, 2))->nanometres)->toBe(2)
        ->and(Length::ofNanometres(-3)->times(BigRational::nd(1, 2))->nanometres)->toBe(-2);
});

test('of two lengths the longer and the shorter are found', function (): void {
    expect(cm(3)->longer(cm(4)))->toEqual(cm(4))
        ->and(cm(3)->shorter(cm(4)))->toEqual(cm(3))
        ->and(cm(-1)->abs())->toEqual(cm(1));
});

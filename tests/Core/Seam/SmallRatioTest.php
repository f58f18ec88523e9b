<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Underbolt\Measure\Length;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\SmallRatio;

uses(TestTrait::class);

test('where the small way can tell, it tells what the exact way tells', function (): void {
    $this->forAll(
        Generators::choose(-300_000_000, 300_000_000),
        Generators::choose(1, 40),
        Generators::choose(0, 1_000_000),
        Generators::choose(1, 1_000_000),
    )
        ->then(function (int $gap, int $edges, int $up, int $down): void {
            $share = BlendShape::Curved->shareOf(min($up, $down), $down);
            $exact = Length::ofRational(BigRational::nd($gap, $edges)->multipliedBy($share));
            expect(SmallRatio::product(BigRational::nd($gap, $edges), $share) ?? $exact)->toEqual($exact)
                ->and($share->isEqualTo(BlendShape::Curved->share(BigRational::nd(min($up, $down), $down))))->toBeTrue();
        });
});

test('halves are rounded away from zero, and what does not fit is left to the exact way', function (): void {
    expect(SmallRatio::product(BigRational::nd(5, 2), BigRational::nd(1, 1)))->toEqual(Length::ofNanometres(3))
        ->and(SmallRatio::product(BigRational::nd(-5, 2), BigRational::nd(1, 1)))->toEqual(Length::ofNanometres(-3))
        ->and(SmallRatio::product(BigRational::nd(0, 4), BigRational::nd(0, 9)))->toEqual(Length::zero())
        ->and(SmallRatio::product(BigRational::nd(PHP_INT_MAX, 1), BigRational::nd(3, 1)))->toBeNull()
        ->and(SmallRatio::product(BigRational::of('9223372036854775808'), BigRational::nd(1, 3)))->toBeNull()
        ->and(SmallRatio::product(BigRational::nd(4_000_000_007, 1), BigRational::nd(4_000_000_009, 3)))->toBeNull();
});

test('the largest divisor', function (int $one, int $other, int $divisor): void {
    expect(SmallRatio::divisor($one, $other))->toBe($divisor);
})->with([[12, 18, 6], [-12, 18, 6], [0, 7, 7], [7, 0, 7], [0, 0, 1], [5, 9, 1]]);

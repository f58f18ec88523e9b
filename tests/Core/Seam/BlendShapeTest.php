<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Underbolt\Seam\BlendShape;

test('a straight blend crosses as fast as it goes down', function (): void {
    expect(BlendShape::Straight->share(BigRational::nd(3, 8))->isEqualTo('3/8'))->toBeTrue();
});

test('a curved blend leaves and joins along the printed lines', function (string $way, string $share): void {
    expect(BlendShape::Curved->share(BigRational::of($way))->isEqualTo($share))->toBeTrue();
})->with([['0', '0'], ['1/4', '5/32'], ['1/2', '1/2'], ['3/4', '27/32'], ['1', '1'], ['1/3', '7/27']]);

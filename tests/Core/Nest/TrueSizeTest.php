<?php

declare(strict_types=1);

use Underbolt\Nest\Mending\HeldFigure;
use Underbolt\Nest\Mending\TrueSize;

/** What a drawing seems to be of its true size whose two printed lengths come out so much smaller or larger. */
function seemsAt(float $one, ?float $other = null): ?float
{
    return (new TrueSize([new HeldFigure('underarm to waist', false, 200 * $one, 200), new HeldFigure('waist to hip', false, 210 * ($other ?? $one), 210)]))->seems();
}

test('a scale that the page’s own figures give is believed; one that programs make takes its place only where it is as near as a click', function (float $drawn, ?float $seems): void {
    expect(seemsAt($drawn))->toBe($seems);
})->with([
    // 90 dots an inch taken for 96 would be 93.75.
    '94 stays 94' => [0.94, 0.94], 'a click off 93.75' => [0.938, 0.9375], 'half' => [0.5, 0.5], 'a click off half' => [0.5008, 0.5], 'half and a little' => [0.505, 0.505],
    'inches for centimetres' => [2.5404, 2.54], 'a percent' => [1.01, null], 'two' => [1.02, 1.02], 'two less' => [0.98, 0.98], 'one and a half less' => [0.985, 0.985], 'one and a half' => [1.015, 1.015],
]);

test('a figure by itself may be rounded so', function (): void {
    $one = static fn (float $drawn): ?float => (new TrueSize([new HeldFigure('underarm to waist', false, 200 * $drawn, 200)]))->seems();
    expect($one(0.988))->toBeNull()->and($one(0.98))->toBe(0.98)->and(seemsAt(0.988, 0.982))->toBeNull();
});

test('what is off in one place only is not the scale', function (): void {
    expect(seemsAt(0.5, 1.0))->toBeNull()->and(seemsAt(0.94, 1.0))->toBeNull();
});

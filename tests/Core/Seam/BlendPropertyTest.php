<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Eris\Generators;
use Eris\TestTrait;
use Underbolt\Measure\Length;
use Underbolt\Seam\BlendShape;
use Underbolt\Seam\Stretch;

uses(TestTrait::class);

test('the new line meets the gap exactly at the levels and never leaves the band between its two sizes', function (BlendShape $shape): void {
    $this->forAll(
        Generators::choose(1, 250_000_000),
        Generators::choose(-60_000_000, 60_000_000),
        Generators::choose(-60_000_000, 60_000_000),
        Generators::choose(0, 100),
        Generators::choose(0, 50),
    )->then(function (int $long, int $gapTop, int $gapEnd, int $percent, int $dwell) use ($shape): void {
        $at = static fn (int $nanometres): Length => Length::ofNanometres($nanometres);
        $segment = new Stretch(
            from: 'a', to: 'b', top: $at(0), start: $at(
                intdiv($long * $dwell, 100),
            ), end: $at($long), shape: $shape, gapAtTop: BigRational::of($gapTop), gapAtEnd: BigRational::of($gapEnd), changeAtTop: $at(0), changeAtEnd: $at(0),
        );
        $here = $gapTop + ($gapEnd - $gapTop) * $percent / 100;
        $offset = $segment->station($at(intdiv($long * $percent, 100)), null)->move->nanometres;

        expect($segment->station($at(0), null)->move->nanometres)->toBe(0)
            ->and($segment->station($at($long), null)->move->nanometres)->toBe($gapEnd)
            ->and($segment->station($at($long * 2), null)->move->nanometres)->toBe($gapEnd);
        // The depth was rounded down to a nanometre, so the band is known to a nanometre or two a hundredth.
        $slack = 2 + abs($gapEnd - $gapTop) / $long;
        expect(abs($segment->drawnMove((float) intdiv($long * $percent, 100)) - $offset))->toBeLessThanOrEqual(1);
        expect($offset)->toBeGreaterThanOrEqual(min(0, $here) - $slack)
            ->and($offset)->toBeLessThanOrEqual(max(0, $here) + $slack);
    });
})->with(BlendShape::cases());

<?php

declare(strict_types=1);

use Underbolt\File\NestMarksReader;
use Underbolt\Measure\Unit;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\NestChecks;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\Reach;
use Underbolt\Nest\Readiness;
use Underbolt\Nest\SvgReader;
use Underbolt\Nest\UnreadableNest;

/** A dress with a waist seam: the bodice ends at 300, and so its skirt begins, both 100 mm from the fold in 14 and 120 in 18. */
function bodice(): NestLine
{
    $svg = nestSvg([
        '14' => 'M150 100L140 300H40V60H90C100 80 130 90 150 100Z',
        '18' => 'M170 100L160 300H40V60H90C100 80 150 90 170 100Z',
    ]);
    $marks = ['piece' => 'front', 'ends_at' => 'waist', 'lines' => ['14' => 'size-14', '18' => 'size-18'], 'underarm' => ['14' => [150, 100], '18' => [170, 100]], 'hem' => ['14' => [140, 300], '18' => [160, 300]]];

    return NestLine::of(nestPlan(), SvgReader::read($svg), NestMarksReader::read(json_encode($marks, JSON_THROW_ON_ERROR)));
}

function skirt(): NestLine
{
    $svg = nestSvg([
        '14' => 'M140 10L180 210L190 600H40V10Z',
        '18' => 'M160 10L200 210L210 600H40V10Z',
    ]);
    $marks = ['piece' => 'skirt_front', 'lines' => ['14' => 'size-14', '18' => 'size-18'], 'underarm' => ['14' => [140, 10], '18' => [160, 10]], 'hem' => ['14' => [190, 600], '18' => [210, 600]], 'hip_y' => 210];

    return NestLine::of(nestPlan(), SvgReader::read($svg), NestMarksReader::read(json_encode($marks, JSON_THROW_ON_ERROR)));
}

test('the bodice of a waist-seamed dress goes from the size of the bust to that of the waist, and ends there', function (): void {
    $bodice = bodice();
    expect($bodice->reach)->toBe(Reach::ToWaist)
        ->and($bodice->seam->at(0.0))->toEqualWithDelta([150.0, 100.0], 1e-6)
        ->and($bodice->seam->at($bodice->seam->length()))->toEqualWithDelta([160.0, 300.0], 1e-6)
        ->and([$bodice->lengths->toHip, $bodice->lengths->toHem])->toEqualWithDelta([0.0, 0.0], 1e-9)
        ->and($bodice->levels)->toBe([])->and($bodice->notches)->toBe([])
        ->and($bodice->waistMm())->toEqualWithDelta(120.0, 1e-6);
});

test('its skirt begins in the size of the waist where the bodice ended, and goes to that of the hip', function (): void {
    $skirt = skirt();
    expect($skirt->reach)->toBe(Reach::FromWaist)
        ->and($skirt->seam->at(0.0))->toEqualWithDelta([160.0, 10.0], 1e-6)
        ->and($skirt->seam->at($skirt->seam->length()))->toEqualWithDelta([190.0, 600.0], 1e-6)
        ->and($skirt->notches)->toHaveCount(1)->and($skirt->lengths->toWaist)->toBe(0.0)
        ->and($skirt->piece?->isClosed)->toBeTrue()
        ->and($skirt->waistMm())->toEqualWithDelta(120.0, 1e-6);
});

test('bodice and skirt are told to meet at the waist, in the unit in use, and a skirt by itself is told nothing', function (): void {
    $line = static fn (DrawnPiece $piece): ?NestLine => match ($piece) {
        DrawnPiece::Front => bodice(),
        DrawnPiece::SkirtFront => skirt(),
        default => null,
    };
    expect(NestChecks::waists($line, Unit::Centimetre))->toBe(['At the waist seam: front bodice 12.0, skirt front 12.0 cm, they meet.'])
        ->and(NestChecks::waists($line, Unit::Inch))->toBe(['At the waist seam: front bodice 4.7, skirt front 4.7 in, they meet.'])
        ->and(NestChecks::waists(static fn (DrawnPiece $piece): ?NestLine => $piece->isSkirt() ? skirt() : null, Unit::Centimetre))->toBe([])
        ->and(NestChecks::of(DrawnPiece::SkirtFront, skirt(), skirt()))->toBe(['Skirt: Front and back go together: their side seams are equally long.']);
});

test('ready is what every size is: one whose seam doesn’t come to the hip is told by name', function (): void {
    $svg = nestSvg(['14' => 'M140 10V600', '18' => 'M160 10V200']);
    $marks = NestMarksReader::read(json_encode(['piece' => 'skirt_back', 'lines' => ['14' => 'size-14', '18' => 'size-18'], 'underarm' => ['14' => [140, 10], '18' => [160, 10]], 'hem' => ['14' => [140, 600], '18' => [160, 200]], 'hip_y' => 210], JSON_THROW_ON_ERROR));
    expect(fn () => Readiness::check(SvgReader::read($svg), $marks))->toThrow(UnreadableNest::class, "hip_y: the side seam of 18 doesn't come to this height");
});

<?php

declare(strict_types=1);

use Underbolt\Altering\TrueSeams;
use Underbolt\File\NestMarksReader;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\NestChecks;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestSeam;
use Underbolt\Nest\SeamDifference;
use Underbolt\Nest\SvgReader;

/** Straight upright lines 1 cm apart, from 100 mm down to the hem. */
function uprightNest(float $hem = 900.0): string
{
    return nestSvg(['14' => "M140 100V{$hem}", '18' => "M160 100V{$hem}"]);
}

$marks = static fn (string $piece, float $hem = 900.0): array => ['hem' => ['14' => [140, $hem], '18' => [160, $hem]]] + nestMarks(['14' => 140.0, '18' => 160.0], ['piece' => $piece]);

test('seams that are equally long go together, notched at waist and hip alike', function () use ($marks): void {
    $front = drawnOn(uprightNest(), $marks('front'));
    $back = drawnOn(uprightNest(), $marks('back'));
    $says = NestChecks::of(DrawnPiece::Front, $front, $back);
    expect($says[0])->toBe('Front and back go together: their side seams are equally long.')
        // Out from 140 to 160 mm over 200 mm, and back over 200 mm: a little longer than straight down.
        ->and($says[1])->toMatch('/^Notch both at the waist and the hip, 20\.[01] and 40\.[123] cm down the front seam, and as far down the back\.$/')
        ->and($says)->toHaveCount(2)
        ->and($front->lengths->whole())->toEqualWithDelta($front->seam->length(), 1e-9)
        ->and(array_map(static fn ($notch): float => round($notch->length(), 6), $front->notches))->toBe([10.0, 10.0]);
});

test('a seam that is printed longer may stay so; one that gets longer is told with where', function () use ($marks): void {
    $front = drawnOn(uprightNest(905.0), $marks('front', 905.0));
    $says = NestChecks::of(DrawnPiece::Front, $front, drawnOn(uprightNest(), $marks('back')));
    expect($says[0])->toBe('Front and back go together: the front seam is 5.0 mm longer, and was printed 5.0 mm longer.');
    // The back's two lines are one: there is nothing to blend, so the front's bulge alone makes it longer.
    $far = nestSvg(['14' => 'M140 100V900', '18' => 'M240 100V900']);
    $wide = drawnOn($far, nestMarks(['14' => 140.0, '18' => 240.0], ['piece' => 'front', 'waist_y' => 300, 'hip_y' => 320]));
    $straight = drawnOn(nestSvg(['14' => 'M140 100V900', '18' => 'M140 100V900']), nestMarks(['14' => 140.0, '18' => 140.0], ['piece' => 'back', 'waist_y' => 300, 'hip_y' => 320]));
    expect(NestChecks::of(DrawnPiece::Front, $wide, $straight)[0])->toMatch('/^The front seam comes out \d+\.\d mm longer against the back than it is printed, most of it between waist and hip: true it before you cut\.$/')
        ->and(NestChecks::of(DrawnPiece::Front, $wide, $straight)[1])->toContain('; down the back 20.0 and 22.0 cm')
        ->and(NestChecks::of(DrawnPiece::Front, $wide, null))->toBe([]);
});

test('a seam that comes out longer is eased in where it did, or taken off at the hem, and then both go together', function (): void {
    $closed = nestSvg(['14' => 'M140 100V900H40V60H90C100 80 120 95 140 100Z', '18' => 'M200 100V900H40V60H90C100 80 160 95 200 100Z']);
    $wide = nestMarks(['14' => 140.0, '18' => 200.0], ['piece' => 'front', 'waist_y' => 300, 'hip_y' => 380]);
    $plan = nestPlan();
    $drawing = SvgReader::read($closed);
    $seam = NestSeam::of($plan, $drawing, NestMarksReader::read(json_encode($wide, JSON_THROW_ON_ERROR)));
    $every = $plan->make->choices->stationEvery;
    $front = NestLine::along($seam, $every);
    $back = drawnOn(nestSvg(['14' => 'M140 100V900', '18' => 'M140 100V900']), nestMarks(['14' => 140.0, '18' => 140.0], ['piece' => 'back', 'waist_y' => 300, 'hip_y' => 380]));
    $difference = SeamDifference::of($front, $back);
    expect($difference?->longer)->toBe('front')->and($difference->where)->toBe('between waist and hip')->and($difference->part)->toBe(1)
        ->and(SeamDifference::of($back, $back))->toBeNull();
    $shorter = NestLine::along($seam, $every, offHemMm: $difference->mm);
    expect($shorter->lengths->whole())->toEqualWithDelta($front->lengths->whole() - $difference->mm, 1e-6)
        ->and(SeamDifference::of($shorter, $back))->toBeNull()
        // The hem follows its end, and stays where it was at the fold.
        ->and($shorter->piece?->isClosed)->toBeTrue()
        ->and($shorter->piece->nearest(...$shorter->seam->at($shorter->seam->length()))[1])->toBeLessThan(1e-6)
        ->and($shorter->piece->nearest(40.0, 900.0)[1])->toBeLessThan(1e-6)
        ->and(NestChecks::of(DrawnPiece::Front, $shorter, $back, $difference, TrueSeams::Hem)[0])->toStartWith('The front is ')->toContain('shorter at its hem');
    $eased = NestLine::along($seam, $every, easedPart: $difference->part);
    expect($eased->lengths->whole())->toBe($front->lengths->whole())
        ->and($eased->eased?->length())->toEqualWithDelta($front->lengths->toHip, 4.0)
        ->and($front->seam->nearest(...$eased->eased->at(30.0))[1])->toEqualWithDelta(5.0, 0.01)
        ->and(NestChecks::of(DrawnPiece::Front, $eased, $back, $difference, TrueSeams::Ease)[0])->toStartWith('Ease the front seam in by');
});

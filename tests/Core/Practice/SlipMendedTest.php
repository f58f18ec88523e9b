<?php

declare(strict_types=1);

use Underbolt\File\PracticeReader;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Exercises\SlipMended;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Judgement;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;

function slender(): Figure
{
    return PracticeReader::figure((string) file_get_contents(__DIR__.'/../../../resources/figures/slender.json'));
}

/** @return list<string> */
function mendedWords(Placing $placing, Unit $unit = Unit::Centimetre): array
{
    $figure = slender();

    return SlipMended::words($figure, $placing, Judgement::of($figure, $placing, TapeReading::of($figure, $placing)), $unit);
}

test('what to do next goes by the slip that was made, and which way', function (): void {
    $waist = slender()->heightOf(TapePoint::Waist);
    expect(mendedWords(new Placing(TapePoint::Waist, $waist - 110)))->toBe(['11 cm too low: up to the crease.'])
        ->and(mendedWords(new Placing(TapePoint::Waist, $waist + 28)))->toBe(['2.8 cm too high: down to the crease.'])
        ->and(mendedWords(new Placing(TapePoint::Waist, $waist - 50.8), Unit::Inch))->toBe(['2 in too low: up to the crease.'])
        ->and(mendedWords(new Placing(TapePoint::Waist, $waist, front: -60)))->toBe(['In front it runs 6 cm lower than in the middle: up there, until it is level all round.'])
        ->and(mendedWords(new Placing(TapePoint::Waist, $waist, pull: 1.0, fingers: 2)))->toBe(['Let it lie: pull until it stays up by itself, no more.', 'No finger under it: the room to move is the pattern\'s part.'])
        ->and(mendedWords(new Placing(TapePoint::Waist, $waist)))->toBe([]);
});

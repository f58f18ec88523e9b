<?php

declare(strict_types=1);

use Underbolt\File\PracticeReader;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Exercises\Draw;
use Underbolt\Practice\Exercises\ReadIt;
use Underbolt\Practice\Exercises\Said;
use Underbolt\Practice\Exercises\Sign;
use Underbolt\Practice\Exercises\SpotIt;
use Underbolt\Practice\Slip;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;

/** The slip that each sign is of. */
const SLIPS = [
    'too_high' => Slip::Place, 'too_low' => Slip::Place, 'droops_behind' => Slip::Slant, 'droops_in_front' => Slip::Slant,
    'one_side_higher' => Slip::Slant, 'over_jumper' => Slip::Cloth, 'fingers' => Slip::Fingers,
];

test('each sign is of one slip and of no other, at every point it is asked at', function (string $sign, string $code, TapePoint $point): void {
    $figure = PracticeReader::figure((string) file_get_contents(__DIR__."/../../../resources/figures/{$code}.json"));
    $read = TapeReading::of($figure, Sign::from($sign)->placing($point, $figure));
    expect(array_keys($read->shares))->toBe([SLIPS[$sign]->value]);
})->with(array_keys(SLIPS))->with(['slender', 'round', 'shoulder-low'])->with([[TapePoint::Bust], [TapePoint::Waist], [TapePoint::Hip]]);

test('five signs are offered, and what is drawn is told in figures too', function (): void {
    $figure = PracticeReader::figure((string) file_get_contents(__DIR__.'/../../../resources/figures/round.json'));
    $seen = [];
    foreach (range(0, 80) as $seed) {
        $question = SpotIt::draw(new Draw($seed), 'round', $figure, Unit::Centimetre);
        $seen[$question->choices[$question->answer]] = true;
        expect($question->choices)->toHaveCount(5)->and($question->inFigures)->toHaveCount(4)
            ->and($question->told[0])->toMatch('/^It reads [\d.]+ cm instead of [\d.]+ cm: /');
        [$place, $slant, $cloth, $fingers] = $question->inFigures;
        expect(str_contains($cloth, 'no cloth'))->toBe($question->tape->over === 0.0)
            ->and(str_contains($fingers, 'no finger'))->toBe($question->tape->fingers === 0)
            ->and(substr_count($slant, 'as high as'))->toBe(($question->tape->front === 0.0 ? 1 : 0) + ($question->tape->left === 0.0 ? 1 : 0))
            ->and($place)->toContain('above the floor');
    }
    expect($seen)->toHaveCount(count(Sign::cases()));
});

test('a piece of tape is whole, cut or turned, its girth between 60 and 120 cm or 24 and 48 in', function (Unit $unit, float $least, float $most): void {
    $kinds = [];
    foreach (range(0, 60) as $seed) {
        $question = ReadIt::draw(new Draw($seed), $unit);
        $girth = $question->answer->nanometres / $unit->nanometres();
        $kinds[match (true) {
            $question->piece->tip === 0 => 'whole',
            $question->piece->meets > $question->piece->tip => 'cut',
            default => 'turned',
        }] = true;
        expect($girth)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most)
            ->and($question->told[0])->toContain($question->piece->figure(abs($question->piece->meets - $question->piece->tip)));
    }
    expect($kinds)->toHaveCount(3);
})->with([[Unit::Centimetre, 60.0, 120.0], [Unit::Inch, 24.0, 48.0]]);

test('a figure is said as a tape shows it, to a millimetre or an eighth of an inch', function (Unit $unit, float $mm, string $said, string $signed): void {
    expect([(new Said($unit))->length($mm), (new Said($unit))->signed($mm)])->toBe([$said, $signed]);
})->with([
    [Unit::Centimetre, 12.34, '1.2 cm', '1.2 cm too much'],
    [Unit::Centimetre, -12.36, '−1.2 cm', '1.2 cm too little'],
    [Unit::Centimetre, 0.3, '0 cm', 'all the same'],
    [Unit::Inch, 20.0, '3/4 in', '3/4 in too much'],
]);

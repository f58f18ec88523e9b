<?php

declare(strict_types=1);

use Underbolt\File\PracticeReader;
use Underbolt\Measure\CardWarning;
use Underbolt\Measure\CardWarningCode;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Exercises\Exercise;
use Underbolt\Practice\Exercises\Laying;
use Underbolt\Practice\Exercises\Question;
use Underbolt\Practice\Exercises\TapePiece;
use Underbolt\Practice\Repeat;
use Underbolt\Practice\TapeReading;

/** A question on the bodies that ship. */
function drawn(Exercise $exercise, int $seed, Unit $unit = Unit::Centimetre): Question
{
    $figures = [];
    foreach ($exercise->figures() as $code) {
        $figures[$code] = PracticeReader::figure((string) file_get_contents(__DIR__."/../../../resources/figures/{$code}.json"));
    }

    return $exercise->question($seed, $figures, $unit);
}

test('of every exercise each number draws one question, always the same, with one right choice or a figure', function (string $code, Unit $unit): void {
    $texts = [];
    for ($seed = 0; $seed < 25; $seed++) {
        $question = drawn(Exercise::from($code), $seed, $unit);
        expect($question)->toEqual(drawn(Exercise::from($code), $seed, $unit))
            ->and($question->choices)->toBe(array_values(array_unique($question->choices)))
            ->and($question->told)->not->toBe([]);
        if ($question->choices !== []) {
            $right = array_filter(array_keys($question->choices), $question->isRight(...));
            expect($right)->toHaveCount(1);
        } else {
            expect($question->isRight($question->answer))->toBeTrue();
        }
        $texts[] = json_encode([$question->text, $question->choices, $question->piece?->words(), $question->tape?->point]);
    }
    expect(count(array_unique($texts)))->toBeGreaterThan(5);
})->with(Exercise::asked())->with([[Unit::Centimetre], [Unit::Inch]]);

test('at the others a tape is laid, as asked on each of its bodies, and there it slips', function (string $code): void {
    $exercise = Exercise::from($code);
    foreach ($exercise->figures() as $figure) {
        $body = PracticeReader::figure((string) file_get_contents(__DIR__."/../../../resources/figures/{$figure}.json"));
        $read = TapeReading::of($body, Laying::of($exercise)->askedAs($body));
        expect(abs($read->reading - $read->true))->toBeGreaterThan(2.0, "{$code} on {$figure}");
    }
})->with(Exercise::laid());

test('a tape is read from its tip: whole, cut, or from the wrong end, to half its smallest stroke', function (int $tip, int $meets, Unit $unit, float $girth): void {
    $piece = new TapePiece($unit, $tip, $meets);
    $of = static fn (float $figure): Length => Length::ofNanometres((int) round($figure * $unit->nanometres()));
    $stroke = 1 / TapePiece::strokes($unit);
    expect($piece->girth()->nanometres)->toBe($of($girth)->nanometres)
        ->and($piece->readsAs($of($girth + $stroke / 2)))->toBeTrue()
        ->and($piece->readsAs($of($girth - $stroke / 2)))->toBeTrue()
        ->and($piece->readsAs($of($girth + $stroke * 0.6)))->toBeFalse();
})->with([
    'whole' => [0, 734, Unit::Centimetre, 73.4],
    'cut at 4' => [40, 774, Unit::Centimetre, 73.4],
    'from 150 down' => [1500, 766, Unit::Centimetre, 73.4],
    'eighths' => [0, 235, Unit::Inch, 29.375],
    'cut at 2' => [16, 251, Unit::Inch, 29.375],
]);

test('of three readings the smallest waist counts and the largest hip, whatever was taken elsewhere', function (): void {
    foreach (range(0, 40) as $seed) {
        $question = drawn(Exercise::WhichCounts, $seed);
        $figures = array_map(static fn (string $choice): float => (float) $choice, $question->choices);
        $counts = str_contains($question->text, 'waist') ? min($figures) : max($figures);
        expect($figures[$question->answer])->toBe($counts)->and(max($figures) - min($figures))->toBeGreaterThan(1.0);
    }
});

test('a check that fires on a card names what to practise', function (CardWarningCode $code, ?Point $point, ?Exercise $exercise): void {
    expect(Exercise::against(new CardWarning($code, $point, '')))->toBe($exercise);
})->with([
    [CardWarningCode::WaistAtTrousers, Point::Waist, Exercise::Waist],
    [CardWarningCode::HipAtHipBone, Point::Hip, Exercise::Hip],
    [CardWarningCode::TummyOverHip, Point::Hip, Exercise::FullTummy],
    [CardWarningCode::HighBustOverFullBust, Point::HighBust, Exercise::HighBust],
    [CardWarningCode::LikelyInches, Point::Waist, Exercise::ReadIt],
    [CardWarningCode::ReadingsApart, Point::Bicep, null],
    [CardWarningCode::OldCard, null, null],
]);

test('a hand is what lies between its readings, and their middle', function (): void {
    $repeat = Repeat::of(array_map(static fn (string $text): Length => Length::parse($text, Unit::Centimetre), ['70', '70.6', '69.8', '70.2', '70.1']));
    expect([$repeat->spread->nanometres, $repeat->middle->nanometres])->toBe([8_000_000, 701_000_000]);
});

<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Wearing\Learned;
use Underbolt\Wearing\LearnedWords;
use Underbolt\Wearing\PastEase;
use Underbolt\Wearing\Wear;

/** @param  list<array{string, float}>  $past  how it wore and its ease in cm, the newest first */
function learned(array $past): ?Learned
{
    return Learned::from(array_map(static fn (array $one): PastEase => new PastEase(Wear::from($one[0]), Length::ofNumber($one[1], Unit::Centimetre)), $past));
}

function learnedCm(array $past): ?float
{
    $ease = learned($past)?->ease;

    return $ease === null ? null : $ease->nanometres / 1e7;
}

test('what was right is learned as its median, to the millimetre', function (array $past, float $ease): void {
    expect(learnedCm($past))->toBe($ease)->and(learned($past)->contradicts)->toBeFalse();
})->with([
    'one' => [[['right', 6.5]], 6.5],
    'of three the middle one' => [[['right', 7.0], ['right', 6.0], ['right', 6.5]], 6.5],
    'of two the middle between' => [[['right', 6.0], ['right', 6.5]], 6.3],
    'beside tight and loose ones' => [[['right', 6.0], ['tight', 4.0], ['loose', 9.0]], 6.0],
    'a right one as tight as a tight one proves nothing' => [[['right', 4.0], ['tight', 4.0]], 4.0],
]);

test('between tight and loose it is half way; only tight ones give the least, only loose ones nothing', function (): void {
    expect(learnedCm([['tight', 4.0], ['loose', 9.0], ['tight', 5.0], ['loose', 8.0]]))->toBe(6.5)
        ->and(learned([['tight', 4.0], ['tight', 5.5]])->moreThan->nanometres)->toBe(55_000_000)
        ->and(learned([['tight', 4.0]])->ease)->toBeNull()
        ->and(learned([['loose', 9.0], ['loose', 8.0]]))->toBeNull()
        ->and(learned([]))->toBeNull();
});

test('verdicts that contradict one another are said to, and only the last three makes count', function (): void {
    $contrary = [['right', 6.0], ['right', 6.4], ['tight', 3.0], ['tight', 8.0], ['right', 12.0]];
    expect(learned($contrary)->contradicts)->toBeTrue()->and(learnedCm($contrary))->toBe(6.2)->and(learned($contrary)->makes)->toBe(2);
    // Above a loose one as well.
    expect(learned([['right', 9.0], ['loose', 8.0]])->contradicts)->toBeTrue()
        // Tight ones above loose ones leave nothing between them.
        ->and(learned([['tight', 9.0], ['loose', 8.0]]))->toBeNull();
});

test('eases that are equal: right beside tight or loose agrees, tight beside loose leaves nothing between', function (): void {
    expect(learned([['right', 5.0], ['loose', 5.0]])->contradicts)->toBeFalse()
        ->and(learnedCm([['right', 5.0], ['loose', 5.0]]))->toBe(5.0)
        ->and(learned([['tight', 5.0], ['loose', 5.0]]))->toBeNull()
        // A contradiction: only the last three makes count, and those are tight.
        ->and(learned([['tight', 5.0], ['tight', 5.0], ['tight', 4.0], ['loose', 5.0]]))->contradicts->toBeTrue()->moreThan->nanometres->toBe(50_000_000);
});

test('learning never leaves the span of the eases it comes from', function (): void {
    mt_srand(14);
    for ($run = 0; $run < 500; $run++) {
        $past = [];
        for ($n = mt_rand(1, 6); $n > 0; $n--) {
            $past[] = new PastEase(Wear::cases()[mt_rand(0, 2)], Length::ofNanometres(mt_rand(-50_000_000, 150_000_000)));
        }
        $learned = Learned::from($past)?->ease;
        if ($learned !== null) {
            $eases = array_map(static fn (PastEase $one): int => $one->ease->nanometres, $past);
            expect($learned->nanometres)->toBeBetween(min($eases), max($eases));
        }
    }
});

test('what was learned is told in a sentence', function (array $past, ?Garment $garment, FabricKind $cloth, string $words): void {
    expect(LearnedWords::of(learned($past), $garment, $cloth, static fn (Length $length): string => LengthPrint::sentence($length, Unit::Centimetre)))->toBe($words);
})->with([
    [[['right', 6.5], ['right', 7.0], ['right', 6.0]], Garment::Dress, FabricKind::Woven, 'In three dresses of woven cloth 6.5 cm was right.'],
    [[['right', -2.0]], Garment::KnitTop, FabricKind::Knit, 'In one knit top of knit cloth −2 cm was right.'],
    [[['tight', 3.0], ['loose', 5.0]], Garment::Trousers, FabricKind::Woven, 'In two pairs of trousers of woven cloth less was tight and more was loose: 4 cm is half way.'],
    [[['tight', 3.0]], null, FabricKind::Woven, 'In one make of woven cloth 3 cm was too tight: leave more.'],
    [[['right', 9.0], ['loose', 8.0]], Garment::Coat, FabricKind::Woven, 'In one coat of woven cloth 9 cm was right. Verdicts contradict one another: only the last three makes count.'],
]);

<?php

declare(strict_types=1);

use Underbolt\Altering\FrontOrBack;
use Underbolt\Altering\LevelChange;
use Underbolt\Altering\Take;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\EdgeChange;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** The waist of size 14, finished at 83, on a body of so much. */
function waistOf14(float $body, array $changes = []): LevelPlan
{
    return planOf(['body.waist' => $body, 'choices.sizes' => ['waist' => '14']] + $changes)->levels['waist'];
}

test('taking in stops at the least ease, letting out stops nowhere', function (float $body, float $liked, float $takenAllRound, float $asCut): void {
    // Woven, loosely held at the waist: the least is 2.5 cm; what is liked may be less than that.
    $waist = waistOf14($body, ['choices.ease' => 'liked', 'choices.liked_ease' => ['waist' => $liked], 'choices.least_ease' => ['waist' => 2.5]]);
    expect($waist->taken->all)->toEqual(cm($takenAllRound))->and($waist->asCut)->toEqual(cm($asCut));
})->with([
    'room enough' => [75, 4, 4, 79],
    'to the least and no further' => [75, 1, 5.5, 77.5],
    'at the least already' => [80.5, 1, 0, 83],
    'under it already' => [81.5, 1, 0, 83],
    'let out to what is liked' => [82, 2, -1, 84],
    'let out far' => [90, 3, -10, 93],
]);

test('what is asked for by hand is taken, whatever it leaves', function (): void {
    $waist = waistOf14(75, ['choices.ease' => 'liked', 'choices.liked_ease' => ['waist' => 1], 'choices.take' => ['waist' => 'in_line']]);
    expect($waist->taken->all)->toEqual(cm(7))->and($waist->asCut)->toEqual(cm(76));
});

test('too much is taken in, too little let out', function (float $left, string $words): void {
    expect(Take::way(cm($left)))->toBe($words);
})->with([[0.1, 'taken in'], [-0.1, 'let out']]);

test('a change counts at as many edges as share what is left over; what is set by hand at the side seams alone', function (int $edges, float $allRound): void {
    $change = new LevelChange(new EdgeChange(cm(0.5), cm(0.3)), new EdgeChange(cm(0.75), cm(0)), new EdgeChange(cm(0.25), cm(0)));
    expect($change->round($edges))->toEqual(cm($allRound));
})->with(['two' => [2, 0.8 + 1], 'four' => [4, 1.6 + 2], 'six, with the centre back' => [6, 2.4 + 2]]);

test('front and back together say whether a change goes outward', function (float $front, float $back, bool $isOutward): void {
    expect((new LevelChange(new EdgeChange(cm($front), cm(0)), EdgeChange::none(), new EdgeChange(cm(0), cm($back))))->isOutward())->toBe($isOutward);
})->with([[1, -0.5, true], [0.5, -1, false], [1, -1, false], [0, 0, false], [0, 0.1, true]]);

test('each says where it is, and whether that is in front or at the back', function (FrontOrBack $where, string $words, bool $isFront, bool $isBack): void {
    expect([$where->words(), $where->isFront(), $where->isBack()])->toBe([$words, $isFront, $isBack]);
})->with([[FrontOrBack::Front, 'in front', true, false], [FrontOrBack::Back, 'at the back', false, true], [FrontOrBack::Both, 'front and back', true, true]]);

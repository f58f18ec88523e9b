<?php

declare(strict_types=1);

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Pattern\Charts\Level;

use function Tests\Core\cautionsOf;
use function Tests\Core\planOf;

/** @return array<string, string> what is said, by its code and level */
function saidOf(array $changes): array
{
    $plan = planOf($changes);

    return array_combine(cautionsOf($plan), array_map(static fn (Caution $one): string => $one->text, Cautions::of($plan)));
}

test('a length that is a little over says which, and that nothing is done for it', function (array $changes, string $where): void {
    $said = saidOf($changes)['length_small'];
    expect($said)->toContain($where)->and($said)->not->toContain($where === 'above the waist' ? 'between waist and hip' : 'above the waist');
})->with([[['body.underarm_to_waist' => 20.4], 'above the waist'], [['body.waist_to_hip' => 19.5], 'between waist and hip']]);

test('up to four centimetres an edge a side seam carries a change, and no more', function (float $hand, bool $isSaid): void {
    expect(array_key_exists('change_far hip', saidOf(['choices.by_hand' => ['hip' => ['back' => $hand]]])))->toBe($isSaid);
})->with([[4, false], [4.001, true], [-4, false], [-4.001, true]]);

test('envelopes that are not there are told with all the levels cut from them', function (array $levels, string $where): void {
    expect(Caution::rangeNotOwned($levels, '16', 'large')->text)->toBe("16 for the {$where}: in the large envelope, which you don't own yet.");
})->with([
    [[Level::Waist], 'waist'], [[Level::Waist, Level::Hip], 'waist and hip'], [[Level::Bust, Level::Waist, Level::Hip], 'bust, waist and hip'],
]);

test('a cup without a row says whose row is read instead, and whether its ease is known', function (?string $body, ?string $finished, string $says): void {
    expect(Caution::cupNoRow('E', $body, $finished)->text)->toBe("There is no {$says}. Measure the paper pattern, or adjust the bust for the difference.");
})->with([
    ['D', 'D', 'bust row for the E cup; the row of D is read instead'],
    ['D', 'C', 'bust row for the E cup; the rows of D and C are read instead, so the pattern\'s own ease is not known'],
    [null, 'D', 'finished bust row for the E cup; the row of D is read instead, so the pattern\'s own ease is not known'],
]);

test('ease is told as it is, by its sign and the cloth', function (array $changes, string $begins): void {
    expect(saidOf(['choices.take' => ['waist' => 'leave']] + $changes)['under_least_ease waist'])->toStartWith($begins);
})->with([
    [['choices.sizes' => ['waist' => '10']], 'As cut the waist has 1 cm of ease; it needs at least 2.5 cm.'],
    [['choices.sizes' => ['waist' => '8']], 'As cut the waist is 3 cm smaller than the body; it needs at least 2.5 cm.'],
]);

test('more sewn than the allowance holds is said where it is let out, never where it is taken in', function (float $body, bool $isSaid): void {
    $said = saidOf(['body.waist' => $body, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'sew'], 'pattern.seam.seam_allowance' => 1.5]);
    expect(array_key_exists('beyond_allowance waist', $said))->toBe($isSaid);
    $isSaid && expect($said['beyond_allowance waist'])->toEndWith('an edge at the waist out of a seam allowance of 1.5 cm leaves too little to hold. Redraw the line there instead.');
    // 6 mm have to stay: 9 mm an edge can be let out, 3.6 cm round.
})->with([[77.6, false], [77.7, true], [86, true], [66, false]]);

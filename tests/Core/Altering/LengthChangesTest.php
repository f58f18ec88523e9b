<?php

declare(strict_types=1);

use Underbolt\Planning\Asked\Unplannable;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;
use function Tests\Core\stepsOf;

test('up to a quarter inch nothing is changed of itself, and that is said', function (float $body, float $change, bool $said): void {
    $plan = planOf(['body.underarm_to_waist' => $body]);
    expect($plan->lengths->aboveWaist)->toEqual(cm($change))->and(in_array('length_small', cautionsOf($plan), true))->toBe($said);
})->with([[20.6, 0, true], [19.4, 0, true], [20.635, 0, true], [20.636, 0.636, false], [20, 0, false], [21, 1, false]]);

test('a change set by hand wins, however small; 0 declines it', function (mixed $typed, ?float $change): void {
    $lengths = planOf(['body.underarm_to_waist' => 22, 'choices.lengths' => ['above_waist' => $typed]])->lengths;
    expect($lengths->aboveWaist)->toEqual($change === null ? null : cm($change))->and($lengths->small)->toBe([]);
})->with([['0.3', 0.3], [0, 0], [-1, -1], [null, 2]]);

test('a small change set by hand is not said to be left', function (): void {
    expect(
        cautionsOf(planOf(['body.underarm_to_waist' => 20.3, 'choices.lengths' => ['above_waist' => 0.3]])),
    )->not->toContain('length_small');
});

test('a waist that moves by more than a centimetre, by hand or not, is put in place first', function (array $changes, string $order): void {
    expect(planOf($changes)->lengths->order->value)->toBe($order);
})->with([
    [['body.underarm_to_waist' => 21], 'blend_first'], [['body.underarm_to_waist' => 21.1], 'length_first'],
    [['choices.lengths' => ['above_waist' => -1.1]], 'length_first'],
    [['body.underarm_to_waist' => 23, 'choices.lengths' => ['above_waist' => 0]], 'blend_first'],
    [['body.waist_to_hip' => 25], 'blend_first'],
]);

test('the hem is counted from this waist, to the hip or to the cut edge, whichever the pattern gives', function (array $seam, ?float $hem): void {
    $lengths = planOf([
        'body.waist_to_hem' => 62,
        'body.waist_to_hip' => 21,
        'pattern.seam' => $seam + ['waist_to_hip' => 20, 'hem_allowance' => 3],
    ])->lengths;
    expect($lengths->hem)->toEqual($hem === null ? null : cm($hem))->and($lengths->hemUnanswered)->toBe($hem === null);
})->with([
    'to the hip' => [['hip_to_hem' => 40], 4], 'to the edge' => [['waist_to_hem_edge' => 60], 4], 'both: to the hip' => [
        ['hip_to_hem' => 40, 'waist_to_hem_edge' => 99],
        4,
    ],
    'neither' => [[], null], 'what is turned up is not known' => [['hip_to_hem' => 40, 'hem_allowance' => null], null],
]);

test('a length that is wished for and can\'t be answered is said, unless it is set by hand', function (): void {
    $wish = ['body.waist_to_hem' => 62, 'pattern.seam.hip_to_hem' => null];
    expect(cautionsOf(planOf($wish)))->toContain('no_pattern_length')
        ->and(cautionsOf(planOf($wish + ['choices.lengths' => ['hem' => 2]])))->not->toContain('no_pattern_length')
        ->and(cautionsOf(planOf(['pattern.seam.hip_to_hem' => null])))->not->toContain('no_pattern_length');
});

test('the step at the hem says from which waist it was counted', function (): void {
    $text = static fn (array $changes): string => stepsOf(planOf(['body.waist_to_hem' => 62] + $changes))['length-hem']->text();
    expect($text([]))->toContain('from the paper\'s waist')
        ->and($text(['body.underarm_to_waist' => 22]))->toContain('from the changed waist');
});

test('no change takes away all the paper', function (array $lengths, string $field): void {
    try {
        planOf(['choices.lengths' => $lengths, 'pattern.seam.sleeve_length' => 60]);
        $this->fail('not refused');
    } catch (Unplannable $refused) {
        expect($refused->faults()[0]->field)->toBe("choices.lengths.{$field}");
    }
})->with([
    [['above_waist' => -20], 'above_waist'], [
        ['below_waist' => -20.5],
        'below_waist',
    ], [['hem' => -60], 'hem'], [['sleeve' => -60], 'sleeve'],
]);

test('where the paper ends below the waist the stations do too', function (): void {
    $plan = planOf(['pattern.seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'waist_to_hem_edge' => 35]]);
    expect($plan->front->depths->hem)->toEqual(cm(55));
});

test('below the waist and in the sleeve, too, a change set by hand wins', function (): void {
    $plan = planOf([
        'body.waist_to_hip' => 20.4,
        'body.sleeve_length' => 62,
        'pattern.seam.sleeve_length' => 60,
        'choices.lengths' => ['below_waist' => 0.3, 'sleeve' => -1],
    ]);
    expect([$plan->lengths->belowWaist, $plan->lengths->sleeve, $plan->lengths->small])->toEqual([cm(0.3), cm(-1), []]);
});

<?php

declare(strict_types=1);

use Underbolt\Advice\Headline;

use function Tests\Core\planOf;

test('one plain sentence says the sizes first, from the bust down', function (array $clips, string $sentence): void {
    $leave = ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'];
    expect(Headline::of(planOf(['choices.sizes' => (object) $clips, 'choices.take' => $leave])))->toBe($sentence);
})->with([
    [['bust' => '12', 'waist' => '12', 'hip' => '12'], '12 all the way.'],
    [['bust' => '12', 'waist' => '14', 'hip' => '12'], '12, 14, 12.'],
    [['bust' => '10', 'waist' => '14', 'hip' => '12'], '10, 14, 12.'],
]);

test('whatever else is in the line is said in the same breath', function (array $changes, string $sentence): void {
    expect(Headline::of(planOf($changes)))->toBe($sentence);
})->with([
    'a bust adjustment' => [
        ['body.full_bust' => 97, 'body.high_bust' => 86, 'choices.lead' => 'high_bust'],
        '12 all the way, with 5 cm added for the bust.',
    ],
    'a small one' => [
        ['body.full_bust' => 92, 'body.high_bust' => 90, 'choices.lead' => 'high_bust', 'choices.sizes' => ['bust' => '14']],
        '14, 12, 12: with 4 cm taken off for the bust.',
    ],
    'taken in' => [
        ['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '12']],
        '12, 14, 12: the waist taken in 4 cm.',
    ],
    'let out, and adjusted' => [
        ['body.full_bust' => 97, 'body.high_bust' => 86, 'choices.lead' => 'high_bust', 'body.waist' => 75.6],
        '12 all the way, with 5 cm added for the bust and the waist let out 1.6 cm.',
    ],
    'sewn only' => [['body.waist' => 75], '12 all the way.'],
    'by hand' => [['choices.by_hand' => ['hip' => ['front' => 0.5, 'back' => 0]]], '12 all the way, the hip let out 1 cm.'],
    'by hand, smaller' => [['choices.by_hand' => ['waist' => ['front' => 0.5, 'back' => -0.75]]], '12 all the way, the waist taken in 0.5 cm.'],
    'by hand, as much out as in' => [['choices.by_hand' => ['waist' => ['front' => 1, 'back' => -1]]], '12 all the way, the waist moved 1 cm back at the side seam.'],
    'taken in and found by hand are one amount' => [
        ['choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '12'], 'choices.by_hand' => ['waist' => ['front' => 0.5, 'back' => 0]]],
        '12, 14, 12: the waist taken in 3 cm.',
    ],
    'two levels alike' => [['choices.by_hand' => ['waist' => ['front' => 0.5, 'back' => 0], 'hip' => ['front' => 0.5, 'back' => 0]]], '12 all the way, the waist and hip let out 1 cm.'],
    'what passes to a free level' => [
        ['body.waist' => 75.6, 'choices.sizes' => ['waist' => '12'], 'choices.take' => ['waist' => 'in_line'], 'pattern.levels' => ['hip' => 'free']],
        '12 all the way, the waist and hip let out 1.6 cm.',
    ],
    'the other way' => [['choices.by_hand' => ['hip' => ['front' => -0.5, 'back' => 0.5]]], '12 all the way, the hip moved 0.5 cm forward at the side seam.'],
    'front and back unlike' => [['choices.front_larger' => ['bust' => 1]], '12 all the way, 14 in front and 10 at the back of the bust.'],
]);

test('a level that is wanted and not measured is waited for; a free one is not spoken of', function (): void {
    expect(Headline::of(planOf(['body.waist' => null])))->toBe('12 at the bust and hip; waits for the waist, not measured yet.')
        ->and(Headline::of(planOf(['body.waist' => null, 'body.hip' => null])))->toBe('12 at the bust; waits for the waist and the hip, not measured yet.')
        ->and(Headline::of(planOf(['body.waist' => null, 'pattern.levels' => ['waist' => 'free']])))->toBe('12 all the way.');
});

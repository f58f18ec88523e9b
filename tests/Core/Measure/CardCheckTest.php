<?php

declare(strict_types=1);

use Underbolt\Measure\Body;
use Underbolt\Measure\CardCheck;
use Underbolt\Measure\CardWarning;
use Underbolt\Measure\Length;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;

/**
 * @param  array<string, float|list<float>>  $readings  centimetres by point
 * @param  array<string, float>  $before
 * @return list<string> keys of what is asked
 */
function asked(array $readings, array $before = [], string $taken = '2026-11-20'): array
{
    $lengths = static fn (array $cm): array => array_map(static fn (float $one): Length => cm($one), $cm);
    $check = new CardCheck(
        array_map(static fn (float|array $cm): Readings => Readings::of($lengths((array) $cm)), $readings),
        $before === [] ? null : new Body($lengths($before)),
        Unit::Centimetre,
    );
    $findings = $check->findings(new DateTimeImmutable($taken), new DateTimeImmutable('2026-11-23'));

    return array_map(static fn (CardWarning $finding): string => $finding->key(), $findings);
}

test('the usual slips of the tape are asked about, and their neighbours are not', function (array $readings, array $asked): void {
    expect(asked($readings))->toBe($asked);
})->with([
    'a sound card' => [
        [
            'high_bust' => 88.0,
            'full_bust' => 94.0,
            'waist' => 76.0,
            'tummy' => 84.0,
            'high_hip' => 92.0,
            'hip' => 101.0,
            'thigh_level' => 99.0,
        ],
        [],
    ],
    'high bust over full bust' => [['high_bust' => 95.0, 'full_bust' => 94.0], ['high_bust_over_full_bust:high_bust']],
    'as much is no slip' => [['high_bust' => 94.0, 'full_bust' => 94.0], []],
    'waist at the trousers' => [['waist' => 84.0, 'tummy' => 84.9], ['waist_at_trousers:waist']],
    'a tummy a whole centimetre above the waist is the rule' => [['waist' => 84.0, 'tummy' => 85.0], []],
    'hip at the hip bone' => [['high_hip' => 98.0, 'hip' => 97.5], ['hip_at_hip_bone:hip']],
    'tummy over hip' => [['tummy' => 104.0, 'hip' => 101.0, 'waist' => 95.0], ['tummy_over_hip:hip']],
    'thighs over hip' => [['hip' => 101.0, 'thigh_level' => 101.5], ['thigh_over_hip:thigh_level']],
    'readings apart' => [['waist' => [80.0, 81.1]], ['readings_apart:waist']],
    'a centimetre apart is near enough' => [['waist' => [80.0, 81.0]], []],
    'inches typed as centimetres' => [['full_bust' => 37.5], ['likely_inches:full_bust']],
    'centimetres typed as inches' => [['full_bust' => 95.0 * 2.54], ['likely_centimetres:full_bust']],
    'unusual in either unit' => [['height' => 240.0], ['unusual:height']],
]);

test('a jump since the last card is asked about, a small change is not', function (): void {
    expect(asked(['waist' => 85.1], ['waist' => 80.0]))->toBe(['jump:waist'])
        ->and(asked(['waist' => 74.9], ['waist' => 80.0]))->toBe(['jump:waist'])
        ->and(asked(['waist' => 85.0], ['waist' => 80.0]))->toBe([])
        ->and(asked(['waist' => 85.1], ['hip' => 80.0]))->toBe([]);
});

test('a card is old after six months, not on the day itself', function (): void {
    expect(asked([], taken: '2026-05-22'))->toBe(['old_card'])->and(asked([], taken: '2026-05-23'))->toBe([]);
});

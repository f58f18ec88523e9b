<?php

declare(strict_types=1);

use Underbolt\Advice\OwnedWay;

use function Tests\Core\planOf;

/** @param  array<string, mixed>  $changes */
function ownedWay(array $changes): ?string
{
    $plan = planOf($changes);
    $owned = OwnedWay::of($plan);
    $sizes = array_map($plan->nameOf(...), $owned?->way->sizes->known() ?? []);

    return $owned === null ? null : implode('-', $sizes).($owned->range === null ? '' : " in {$owned->range}").': '.implode(', ', $owned->lacks);
}

/** @return list<array<string, mixed>> two envelopes, of which one is owned */
function twoEnvelopes(string $owned = 'small', ?string $draft = null): array
{
    return [
        ['name' => 'small', 'sizes' => ['8', '10', '12'], 'owned' => $owned === 'small'],
        ['name' => 'large', 'sizes' => ['12', '14', '16', '18'], 'owned' => $owned === 'large'] + ($draft === null ? [] : ['draft' => $draft]),
    ];
}

test('beside a plan that needs another envelope stands the best of those that are owned, with what it lacks', function (): void {
    expect(ownedWay(['body.waist' => 78, 'pattern.ranges' => twoEnvelopes()]))->toBe('12-12-12: 4 cm too little at the waist')
        ->and(ownedWay(['pattern.ranges' => twoEnvelopes('small')]))->toBeNull()
        ->and(ownedWay(['body.waist' => 78]))->toBeNull();
});

test('where the sizes are drawn apart it names the envelope to choose; where nothing is owned there is none', function (): void {
    $large = ['body.full_bust' => 101, 'body.waist' => 84, 'body.hip' => 108];
    expect(ownedWay([...$large, 'pattern.ranges' => twoEnvelopes('small', 'apart')]))->toStartWith('12-12-12 in small: ')
        ->and(ownedWay([...$large, 'pattern.ranges' => array_map(static fn (array $range): array => ['owned' => false] + $range, twoEnvelopes())]))->toBeNull();
});

test('a frame that is in another envelope gives way to the nearest that is owned', function (): void {
    expect(ownedWay(['body.high_bust' => 98, 'body.full_bust' => 108, 'choices.lead' => 'high_bust', 'pattern.ranges' => twoEnvelopes()]))->toStartWith('12-12-12: ');
});

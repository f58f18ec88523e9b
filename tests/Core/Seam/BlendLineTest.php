<?php

declare(strict_types=1);

use Underbolt\Seam\Station;

use function Tests\Core\cm;
use function Tests\Core\planOf;

/** @return array<string, Station> by depth in centimetres, such as `22.5` */
function stationsOf(array $changes): array
{
    $byDepth = [];
    foreach (planOf($changes)->stations() as $station) {
        $byDepth[(string) ($station->depth->nanometres / 1e7)] = $station;
    }

    return $byDepth;
}

$blend = [
    'choices.sizes' => ['bust' => '12', 'waist' => '14', 'hip' => '10'],
    'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'],
];

test('the line follows the upper size to a dwell below the waist, then crosses to the hip and stays', function () use ($blend): void {
    $at = stationsOf($blend);
    expect(array_map('strval', array_keys($at)))->toHaveCount(33)
        ->and([$at['0']->from, $at['0']->to, $at['0']->level, $at['0']->move])->toEqual(['12', '14', 'bust', cm(0)])
        ->and([$at['10']->share->toFloat(), $at['10']->move])->toEqual([0.5, cm(0.5)])
        ->and([$at['20']->from, $at['20']->to, $at['20']->level, $at['20']->move])->toEqual(['12', '14', 'waist', cm(1)])
        ->and([$at['22.5']->from, $at['22.5']->to, $at['22.5']->move])->toEqual(['14', '10', cm(0)])
        ->and([$at['40']->level, $at['40']->move])->toEqual(['hip', cm(-2)])
        ->and([$at['60']->share->toFloat(), $at['60']->move])->toEqual([1.0, cm(-2)])
        // The hem is a station only where a step meets it, and has no name of its own.
        ->and($at['80']->level)->toBeNull();
});

test('a dwell longer than half the way is cut to half the way', function () use ($blend): void {
    $at = stationsOf($blend + ['choices.dwell' => 15]);
    expect($at['30']->move)->toEqual(cm(0))
        ->and($at['35']->share->toFloat())->toBe(0.5);
});

test('a level that falls on a step stands there once, one that does not stands between', function () use ($blend): void {
    $at = stationsOf($blend + ['pattern.seam.underarm_to_waist' => 19, 'choices.station_every' => 5]);
    expect(array_map('strval', array_slice(array_keys($at), 0, 6)))->toBe(['0', '5', '10', '15', '19', '20']);
});

test('gaps of unlike grading run evenly from one level to the next', function (): void {
    $at = stationsOf([
        'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'],
        'choices.sizes' => ['bust' => '12', 'waist' => '16', 'hip' => '16'],
        'choices.blend' => 'straight',
        'pattern.finished.waist' => [71, 75, 79, 85, 95, 105],
    ]);
    // At the bust 12 and 16 are 2 cm an edge apart, at the waist 4 cm: halfway 3 cm, half of it crossed.
    expect($at['10']->move)->toEqual(cm(1.5))
        ->and($at['20']->move)->toEqual(cm(4));
});

test('where a finished figure is missing the body chart gives the gap', function (): void {
    $at = stationsOf([
        'choices.take' => ['bust' => 'leave', 'waist' => 'leave', 'hip' => 'leave'],
        'choices.sizes' => ['bust' => '12', 'waist' => '18', 'hip' => '18'],
        'pattern.finished.waist' => [71, 75, null, 83, 87, 92],
    ]);
    expect($at['20']->move)->toEqual(cm((87 - 74) / 4));
});

test('stations stand on the paper as it is when the line is drawn on it', function (): void {
    $body = ['body.underarm_to_waist' => 18, 'body.waist_to_hip' => 22, 'body.waist_to_hem' => 50];
    $lengthFirst = stationsOf($body);
    $blendFirst = stationsOf($body + ['choices.order' => 'blend_first']);
    expect($lengthFirst['18']->level)->toBe('waist')->and($lengthFirst['40']->level)->toBe('hip')
        // To the hem as it is printed below the hip: hems are changed last.
        ->and(array_key_last($lengthFirst))->toBe(80)
        ->and($blendFirst['20']->level)->toBe('waist')->and($blendFirst['40']->level)->toBe('hip');
});

test('below a level that is not measured the line goes on like the one above; below a bust that isn\'t it is left open', function (): void {
    $at = stationsOf(['body.hip' => null]);
    $open = stationsOf(['body.full_bust' => null]);
    expect($at['30']->move)->toEqual(cm(0))->and([$at['30']->from, $at['30']->to])->toBe(['12', '12'])
        ->and([$open['10']->from, $open['10']->share, $open['10']->move])->toBe([null, null, null]);
});

test('without a bust level the seam starts at the waist', function (): void {
    $at = stationsOf([
        'pattern.body_chart.full_bust' => null, 'pattern.finished.full_bust' => null, 'body.full_bust' => null,
        'pattern.seam.underarm_to_waist' => null, 'choices.sizes' => ['waist' => '12', 'hip' => '14'], 'choices.take' => ['hip' => 'leave'],
    ]);
    expect($at['0']->level)->toBe('waist')
        ->and($at['0']->move)->toEqual(cm(0))
        ->and($at['20']->level)->toBe('hip')
        ->and($at['20']->move)->toEqual(cm(1));
});

test('where the paper is not measured there are no stations', function (): void {
    expect(stationsOf(['pattern.seam' => ['waist_to_hip' => 20]]))->toBe([]);
});

<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Station;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

/** A dress whose hip hangs free, let out or taken in at the waist by so much an edge. */
function freeHip(float $perEdge, array $changes = []): Plan
{
    return planOf($changes + ['pattern.levels.hip' => 'free', 'choices.by_hand' => ['waist' => ['front' => $perEdge, 'back' => $perEdge]]]);
}

/** @return array<string, Length> what each station's edge is changed by in front, by its depth in centimetres */
function changesDown(Plan $plan): array
{
    $stations = $plan->stations();

    return array_combine(
        array_map(static fn (Station $station): string => (string) ($station->depth->nanometres / 1e7), $stations),
        array_map(static fn (Station $station): ?Length => $station->change, $stations),
    );
}

test('below the last level what goes outward passes on, and what goes inward stops', function (float $perEdge, ?string $toHem, float $atHip, float $below): void {
    $plan = freeHip($perEdge, $toHem === null ? [] : ['choices.to_hem' => $toHem]);
    $down = changesDown($plan);
    expect($plan->levels['hip']->change->front)->toEqual(cm($atHip))->and($down['40'])->toEqual(cm($atHip))->and($down['60'])->toEqual(cm($below));
})->with([
    'outward' => [1, null, 1, 1],
    'inward' => [-1, null, 0, 0],
    'inward, meant to stay' => [-1, 'stay', -1, -1],
    // From the waist at 20 to the hem at 80 the hip at 40 has done a third; half way on to the hem half of that is gone.
    'back at the hem' => [0.9, 'return', 0.6, 0.3],
    'back at the hem, from inside' => [-0.9, 'return', -0.6, -0.3],
]);

test('where the hem\'s depth is not known nothing returns to it', function (): void {
    expect(freeHip(0.9, ['choices.to_hem' => 'return', 'pattern.seam.hip_to_hem' => null])->levels['hip']->change->front)->toEqual(cm(0.9));
});

test('what a level not free has runs out to the hem as well, as a curve', function (): void {
    $plan = planOf(['choices.by_hand' => ['hip' => ['front' => 1, 'back' => 1]], 'choices.to_hem' => 'return']);
    // A quarter of the way a curve has gone 3/16 - 2/64 = 0.15625.
    expect(changesDown($plan)['50'])->toEqual(cm(0.84375))->and(changesDown($plan)['80'])->toEqual(cm(0));
});

test('between two levels a free one has its straight share by depth, half where no depth is known', function (array $seam, float $atWaist): void {
    $plan = planOf($seam + ['pattern.levels.waist' => 'free', 'choices.by_hand' => ['bust' => ['front' => 1, 'back' => 0], 'hip' => ['front' => 0.2, 'back' => 0]]]);
    expect($plan->levels['waist']->change->front)->toEqual(cm($atWaist))->and($plan->levels['waist']->change->back)->toEqual(cm(0));
})->with([
    'a quarter down' => [['pattern.seam.underarm_to_waist' => 10, 'pattern.seam.waist_to_hip' => 30], 0.8],
    'not known' => [['pattern.seam.underarm_to_waist' => null], 0.6],
]);

test('what is found at a free level is its own and comes from no other as well, and a clip alone changes nothing there', function (): void {
    $plan = freeHip(1, ['choices.sizes' => ['hip' => '16'], 'choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1], 'hip' => ['front' => 0.5, 'back' => 0]]]);
    $free = planOf(['pattern.levels' => ['waist' => 'free'], 'choices.by_hand' => ['waist' => ['front' => 1, 'back' => 1]]]);
    expect($plan->levels['hip']->change->front)->toEqual(cm(0.5))->and($plan->levels['hip']->change->back)->toEqual(cm(0))
        ->and($free->levels['hip']->change->isNone())->toBeTrue();
});

test('a free level is as wide as what passes makes it, and told where that is too tight', function (): void {
    $wide = freeHip(1)->levels['hip'];
    $tight = freeHip(-2, ['choices.to_hem' => 'stay']);
    expect($wide->asCut)->toEqual($wide->finished->plus(cm(4)))
        ->and(cautionsOf($tight))->toContain('under_least_ease hip')->and(cautionsOf(freeHip(-2)))->not->toContain('under_least_ease hip');
});

test('an amount in all is a quarter at each side edge, beside what each edge has of its own', function (): void {
    $level = planOf(['choices.by_hand' => ['waist' => ['in_all' => '2 cm', 'back' => -0.2]]])->levels['waist'];
    expect([$level->change->front, $level->change->back])->toEqual([cm(0.5), cm(0.3)])->and($level->asCut)->toEqual($level->finished->plus(cm(1.6)));
});

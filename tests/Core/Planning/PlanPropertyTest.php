<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

use function Tests\Core\planOf;

uses(TestTrait::class);

/** @return array<string, mixed> what is decided at each level, in exact lengths */
function decided(Plan $plan): array
{
    return array_map(static fn (?LevelPlan $level): array => [
        $level->size,
        $level->facts->chartSize,
        $level->asCut?->nanometres,
        $level->taken->leftOver?->nanometres,
        $level->taken->perEdge?->nanometres,
    ], $plan->levels);
}

test('what is cut does not depend on the unit that is written', function (string $ease): void {
    $this->forAll(Generators::choose(800, 1100), Generators::choose(620, 900), Generators::choose(880, 1150))
        ->then(function (int $bust, int $waist, int $hip) use ($ease): void {
            $body = ['full_bust' => $bust / 10, 'waist' => $waist / 10, 'hip' => $hip / 10];
            $choices = [
                'ease' => $ease,
                'liked_ease' => ['bust' => '7 cm', 'waist' => '4 cm', 'hip' => '6 cm'],
                'dwell' => '3 cm',
                'station_every' => '2 cm',
            ];
            $metric = planOf(['body' => $body, 'choices' => $choices]);
            $inCentimetres = static fn (mixed $value): mixed => is_array($value)
                ? array_map(static fn (int|float $cm): string => "{$cm} cm", $value) : "{$value} cm";
            $imperial = planOf([
                'unit' => 'in', 'body' => $inCentimetres($body), 'choices' => $choices,
                'pattern.body_chart' => array_map(
                    $inCentimetres,
                    ['full_bust' => [84, 88, 92, 96, 100, 105], 'waist' => [66, 70, 74, 78, 82, 87], 'hip' => [91, 95, 99, 103, 107, 112]],
                ),
                'pattern.finished' => array_map(
                    $inCentimetres,
                    [
                        'full_bust' => [92, 96, 100, 104, 108, 113],
                        'waist' => [71, 75, 79, 83, 87, 92],
                        'hip' => [98, 102, 106, 110, 114, 119],
                    ],
                ),
                'pattern.seam' => $inCentimetres(['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 40]),
            ]);
            expect(decided($imperial))->toEqual(decided($metric))
                ->and($imperial->stations())->toEqual($metric->stations());
        });
})->group('slow')->with(['chart', 'drafted', 'liked']);

test('what is shared among the edges adds up to the left-over, to a nanometre an edge', function (): void {
    $this->forAll(Generators::choose(620, 900), Generators::choose(1, 12))->then(function (int $waist, int $edges): void {
        $level = planOf(['body.waist' => $waist / 10, 'pattern.seam.edges' => ['waist' => $edges]])->levels['waist'];
        $apart = $level->taken->leftOver->nanometres - $level->taken->perEdge->nanometres * $edges;
        expect(abs($apart))->toBeLessThanOrEqual($edges);
    });
});

test('a larger body never gets a smaller size, whatever the school', function (array $choices): void {
    $this->forAll(Generators::choose(600, 950), Generators::choose(0, 60))->then(function (int $waist, int $more) use ($choices): void {
        $size = static fn (int $millimetres): int => planOf([
            'body.waist' => $millimetres / 10, 'choices' => $choices,
        ])->levels['waist']->size;
        expect($size($waist + $more))->toBeGreaterThanOrEqual($size($waist));
    });
})->group('slow')->with([
    [['ease' => 'chart', 'between' => 'up']], [['ease' => 'chart', 'between' => 'down']], [['ease' => 'chart', 'between' => 'nearest']],
    [['ease' => 'drafted', 'between' => 'down']], [['ease' => 'liked', 'liked_ease' => ['waist' => 4]]],
]);

test('a stated length survives the trip through every form it is printed in', function (): void {
    $this->forAll(Generators::choose(1280, 19200))->then(function (int $sixtyFourths): void {
        $exact = Length::ofSixtyFourths($sixtyFourths);
        $typed = intdiv($sixtyFourths, 64).' '.($sixtyFourths % 64).'/64';
        expect(Length::parse($typed, Unit::Inch))->toEqual($exact)
            ->and(Length::parse((string) ($sixtyFourths / 64), Unit::Inch))->toEqual($exact);
    });
});

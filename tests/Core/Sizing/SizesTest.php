<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\Sizes;
use Underbolt\Sizing\StepVerdict;

test('each level has its own size', function (): void {
    $sizes = Sizes::each(static fn (Level $level): int => match ($level) {
        Level::Bust => 1,
        Level::Waist => 4,
        Level::Hip => 2,
    });
    expect([$sizes->bust, $sizes->waist, $sizes->hip])->toBe([1, 4, 2])
        ->and(array_map($sizes->at(...), Level::cases()))->toBe([1, 4, 2])
        ->and($sizes->with(Level::Waist, 3)->known())->toBe(['bust' => 1, 'waist' => 3, 'hip' => 2])
        ->and([
            $sizes->step(Level::Bust, Level::Waist),
            $sizes->step(Level::Waist, Level::Hip),
            $sizes->step(Level::Hip, Level::Hip),
        ])->toBe([3, 2, 0]);
});

test('the first is the uppermost that there is', function (Sizes $sizes, ?int $first): void {
    expect($sizes->first())->toBe($first);
})->with([[new Sizes(1, 4, 2), 1], [new Sizes(null, 4, 2), 4], [new Sizes(null, null, 2), 2], [new Sizes, null]]);

test('an absent level has no place and no step', function (): void {
    $skirt = new Sizes(null, 4, 2);
    expect($skirt->known())->toBe(['waist' => 4, 'hip' => 2])
        ->and($skirt->step(Level::Bust, Level::Waist))->toBeNull()
        ->and($skirt->step(Level::Waist, Level::Bust))->toBeNull();
});

test('they are the same only where all three are', function (Sizes $other, bool $same): void {
    expect((new Sizes(1, 4, 2))->equals($other))->toBe($same);
})->with([[new Sizes(1, 4, 2), true], [new Sizes(0, 4, 2), false], [new Sizes(1, 3, 2), false], [new Sizes(1, 4, null), false]]);

test('how hard it is to blend over so many sizes', function (int $sizes, StepVerdict $verdict): void {
    expect(StepVerdict::over($sizes))->toBe($verdict);
})->with([[0, StepVerdict::None], [1, StepVerdict::Easy], [2, StepVerdict::Care], [3, StepVerdict::Avoid], [9, StepVerdict::Avoid]]);

<?php

declare(strict_types=1);

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Sizing\LeastEase;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

test('a woven needs 5, 2.5 and 5 cm', function (): void {
    $least = array_map(static fn (Level $level) => LeastEase::usual($level, DraftedFor::woven(), cm(90)), Level::cases());
    expect($least)->toEqual([cm(5), cm(2.5), cm(5)]);
});

test('a knit may be smaller than the body by half its stretch, but not by more than a tenth', function (float $stretch, float $least): void {
    expect(LeastEase::usual(Level::Bust, new DraftedFor(FabricKind::Knit, $stretch), cm(93)))->toEqual(cm($least));
})->with([[0, 0], [10, -4.65], [12.5, -5.8125], [20, -9.3], [40, -9.3]]);

test('a size under the least ease is said at a level that counts, whatever chose it', function (string $weight, bool $said): void {
    $plan = planOf(['pattern.levels.waist' => $weight, 'choices.sizes' => ['waist' => '10'], 'choices.take' => ['waist' => 'leave']]);
    expect(in_array('under_least_ease waist', cautionsOf($plan), true))->toBe($said);
})->with([['critical', true], ['matters', true], 'free, but a clip is set' => ['free', true]]);

test('what the draft means to be close is not warned of, and liked ease lowers the least', function (): void {
    $least = static fn (array $changes) => planOf($changes)->levels['waist']->facts;
    expect($least(['pattern.finished.waist' => [67, 71, 75, 79, 83, 88]])->least)->toEqual(cm(1))
        ->and($least(['pattern.finished.waist' => [67, 71, 75, 79, 83, 88]])->floor)->toEqual(cm(0.5))
        ->and($least(['choices.liked_ease' => ['waist' => 2]])->least)->toEqual(cm(2))
        ->and($least(['choices.least_ease' => ['waist' => 2.2]])->floor)->toEqual(cm(2.2));
});

test('a least ease that is given wins', function (): void {
    expect(cautionsOf(planOf(['choices.least_ease' => ['waist' => 5.1]])))->toBe(['under_least_ease waist']);
});

test('the usual least of a woven is a round figure in inches too; any other is told as it is', function (Level $level, float $cm, Unit $unit, string $words): void {
    expect(LeastEase::words(cm($cm), $level, $unit))->toBe($words);
})->with([
    [Level::Bust, 5, Unit::Inch, '2 in'], [Level::Waist, 2.5, Unit::Inch, '1 in'], [Level::Hip, 5, Unit::Inch, '2 in'],
    [Level::Waist, 5, Unit::Inch, '1 15/16 in'], [Level::Bust, 5.1, Unit::Inch, '2 in'], [Level::Bust, 3, Unit::Inch, '1 3/16 in'],
    [Level::Bust, 5, Unit::Centimetre, '5 cm'], [Level::Waist, 2.5, Unit::Centimetre, '2.5 cm'],
]);

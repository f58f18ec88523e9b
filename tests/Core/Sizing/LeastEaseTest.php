<?php

declare(strict_types=1);

use Underbolt\Pattern\Fabric;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Level;
use Underbolt\Sizing\LeastEase;

use function Tests\Core\cautionsOf;
use function Tests\Core\cm;
use function Tests\Core\planOf;

test('a woven needs 5, 2.5 and 5 cm', function (): void {
    $least = array_map(static fn (Level $level) => LeastEase::of($level, Fabric::woven(), cm(90)), Level::cases());
    expect($least)->toEqual([cm(5), cm(2.5), cm(5)]);
});

test('a knit may be smaller than the body by half its stretch, but not by more than a tenth', function (float $stretch, float $least): void {
    expect(LeastEase::of(Level::Bust, new Fabric(FabricKind::Knit, $stretch), cm(93)))->toEqual(cm($least));
})->with([[0, 0], [10, -4.65], [12.5, -5.8125], [20, -9.3], [40, -9.3]]);

test('a size under the least ease is said at a level that counts, whatever chose it', function (string $weight, bool $said): void {
    $plan = planOf(['pattern.levels.waist' => $weight, 'choices.sizes' => ['waist' => '10']]);
    expect(in_array('under_least_ease waist', cautionsOf($plan), true))->toBe($said);
})->with([['critical', true], ['matters', true], ['free', false]]);

test('a least ease that is given wins', function (): void {
    expect(cautionsOf(planOf(['choices.least_ease' => ['waist' => 5.1]])))->toBe(['under_least_ease waist']);
});

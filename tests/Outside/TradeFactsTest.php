<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\StepVerdict;

use function Tests\Core\cm;
use function Tests\Core\planOf;

// Source: common practice, no published source.
test('one size between levels is easy, two need care, three or more bend the seam', function (): void {
    expect(array_map(static fn (int $sizes): string => StepVerdict::over($sizes)->value, [0, 1, 2, 3, 7]))
        ->toBe(['none', 'easy', 'care', 'avoid', 'avoid']);
});

// Source: common practice, no published source: the quarter method, (body + ease) / 4 laid on the tissue.
test('the line at a level lies a quarter of the finished girth from the centre', function (): void {
    $plan = planOf(['body.waist' => 82, 'body.hip' => 107, 'choices.sizes' => ['hip' => '16']]);
    $offset = array_values(array_filter($plan->stations(), static fn ($station): bool => $station->level === 'waist'))[0]->move;
    $bustSize = $plan->at(Level::Bust)->size;
    $quarter = static fn (int $size) => $plan->at(Level::Waist)->facts->finishedAt($size)->dividedBy(4);

    expect($quarter($bustSize)->plus($offset))->toEqual($quarter($plan->at(Level::Waist)->size))
        ->and($quarter($plan->at(Level::Waist)->size))->toEqual(cm((82 + 5) / 4));
});

// Source: common practice, no published source: with each size's own drafted ease, the difference left in the
// intended-fit method is exactly chart body less your body.
test('the intended-fit difference is chart less body whatever the drafted ease', function (): void {
    $waist = planOf(['body.waist' => 75, 'pattern.finished.waist' => [80, 82, 91, 95, 99, 110]])->at(Level::Waist);
    expect($waist->finished->minus($waist->wished))->toEqual($waist->taken->leftOver)
        ->and($waist->taken->leftOver)->toEqual(cm(-1));
});

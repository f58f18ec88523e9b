<?php

declare(strict_types=1);

use Eris\Generators;
use Eris\TestTrait;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\SizeChart;

uses(TestTrait::class);

/** @param  list<int>  $steps millimetres from one size to the next, each above 0 */
function rising(array $steps): SizeChart
{
    $at = 600_000_000;
    $values = [Length::ofNanometres($at)];
    foreach ($steps as $step) {
        $values[] = Length::ofNanometres($at += $step * 1_000_000);
    }

    return SizeChart::of(ChartRow::Waist, $values);
}

test('a larger body never gets a smaller chart size', function (BetweenRule $rule): void {
    $this->forAll(Generators::seq(Generators::choose(1, 80)), Generators::choose(0, 900), Generators::choose(0, 200))
        ->then(function (array $steps, int $body, int $more) use ($rule): void {
            $chart = rising($steps);
            $small = Length::ofNanometres(500_000_000 + $body * 1_000_000);
            $large = $small->plus(Length::ofNanometres($more * 1_000_000));
            expect($chart->sizeOf($large, $rule)->size)->toBeGreaterThanOrEqual($chart->sizeOf($small, $rule)->size);
        });
})->with(BetweenRule::cases());

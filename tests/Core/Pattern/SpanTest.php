<?php

declare(strict_types=1);

use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Length;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\SizeChart;

use function Tests\Core\cm;
use function Tests\Core\planOf;

test('a range is read as it is printed, a figure with a dash in it is none', function (string $typed, Unit $unit, ?float $from, ?float $to): void {
    $span = Span::read($typed, $unit);
    $wanted = $from === null ? null : [Length::ofNumber($from, $unit), Length::ofNumber($to, $unit)];
    expect($span === null ? null : [$span->from, $span->to])->toEqual($wanted);
})->with([
    ['84-88', Unit::Centimetre, 84, 88], ['84 – 88 cm', Unit::Centimetre, 84, 88], ['84 cm — 88 cm', Unit::Centimetre, 84, 88],
    ['33-34 1/2 in', Unit::Inch, 33, 34.5], ['37-3/4-38-1/2', Unit::Inch, 37.75, 38.5], ['32½–33', Unit::Inch, 32.5, 33],
    ['37-3/4', Unit::Inch, null, null], ['88-84', Unit::Centimetre, null, null], ['84', Unit::Centimetre, null, null], ['', Unit::Centimetre, null, null], ['-', Unit::Centimetre, null, null],
]);

function ranges(): SizeChart
{
    $between = static fn (float $from, float $to): Span => Span::between(cm($from), cm($to)) ?? throw new LogicException;

    return SizeChart::of(ChartRow::Waist, [$between(60, 65), $between(64, 70), $between(72, 76), cm(80)]);
}

test('a body inside a range is that size; between two the rule decides', function (float $waist, string $rule, ChartPosition $standing, int $size): void {
    $found = ranges()->sizeOf(cm($waist), BetweenRule::from($rule));
    expect([$found->standing, $found->size])->toBe([$standing, $size]);
})->with([
    'inside' => [73, 'up', ChartPosition::On, 2],
    'inside two, up' => [64.4, 'up', ChartPosition::On, 1],
    'inside two, down' => [64.4, 'down', ChartPosition::On, 0],
    // 62.5 and 67 are the middles.
    'inside two, the nearer middle' => [64.4, 'nearest', ChartPosition::On, 0],
    'inside two, as near: the larger' => [64.75, 'nearest', ChartPosition::On, 1],
    'a sixteenth beyond' => [76.15, 'up', ChartPosition::On, 2],
    'between, down' => [71, 'down', ChartPosition::Between, 1],
    'between, nearest' => [70.9, 'nearest', ChartPosition::Between, 1],
    'between a range and a figure' => [78.1, 'nearest', ChartPosition::Between, 3],
    'below' => [59, 'up', ChartPosition::Below, 0],
    'above' => [81, 'up', ChartPosition::Above, 3],
]);

test('nothing is left over inside a range, ease is told by its middle, the least from its larger end', function (): void {
    $rows = ['pattern.body_chart.waist' => ['64-67', '68-71', [72, 75], '76-79', '80-84', '85-90'], 'pattern.finished.waist' => [71, 75, 76, 83, 87, 92]];
    $inside = planOf($rows + ['body.waist' => 74.5])->levels['waist'];
    $over = planOf($rows + ['body.waist' => 75.5, 'choices.sizes' => ['waist' => '10'], 'choices.ease' => 'chart'])->levels['waist'];
    expect($inside->taken->leftOver)->toEqual(cm(0))->and($inside->chartValue)->toEqual(cm(73.5))->and($inside->draftedEase)->toEqual(cm(2.5))
        ->and($inside->facts->least)->toEqual(cm(1))->and($over->taken->leftOver)->toEqual(cm(-4.5));
});

test('both ends rise, and a range goes up', function (mixed $row, string $fault): void {
    expect(static fn () => planOf(['pattern.body_chart.waist' => $row]))->toThrow(Exception::class, $fault);
})->with([
    [['64-67', '68-71', '70-71', '76-79', '80-84', '85-90'], 'size 12 must be larger'],
    [[[67, 64], '68-71', '72-75', '76-79', '80-84', '85-90'], 'the smaller one first'],
    [[[64], '68-71', '72-75', '76-79', '80-84', '85-90'], 'the smaller one first'],
    [['64-670', '68-71', '72-75', '76-79', '80-84', '85-90'], '670'],
]);

test('a finished garment is one figure', function (): void {
    planOf(['pattern.finished.waist' => ['71-73', 75, 79, 83, 87, 92]]);
})->throws(FaultyFile::class);

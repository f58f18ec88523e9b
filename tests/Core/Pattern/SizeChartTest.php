<?php

declare(strict_types=1);

use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;

use function Tests\Core\cm;

function bustRow(): SizeChart
{
    return SizeChart::of(ChartRow::FullBust, [2 => cm(84), 3 => cm(88), 5 => cm(92)]);
}

test('between two figures each rule takes its own size', function (float $measure, int $up, int $down, int $nearest): void {
    $size = static fn (BetweenRule $rule): int => bustRow()->sizeOf(cm($measure), $rule)->size;
    expect([$size(BetweenRule::Up), $size(BetweenRule::Down), $size(BetweenRule::Nearest)])->toBe([$up, $down, $nearest]);
})->with([[85, 3, 2, 2], [87, 3, 2, 3], [86, 3, 2, 3], [89, 5, 3, 3], [90, 5, 3, 5]]);

test('a measure within a sixteenth of an inch stands on the figure, the bound included', function (float $measure, ?int $on): void {
    $found = bustRow()->sizeOf(cm($measure), BetweenRule::Up);
    expect($found->standing)->toBe($on === null ? ChartPosition::Between : ChartPosition::On);
    if ($on !== null) {
        expect([$found->size, $found->lower, $found->upper])->toBe([$on, $on, $on]);
    }
})->with([[88, 3], [88.15875, 3], [87.84125, 3], [88.15876, null], [87.84124, null]]);

test('of two figures a measure stands on, the nearer wins and of two as near the larger', function (): void {
    $close = SizeChart::of(ChartRow::Waist, [0 => cm(70), 1 => cm(70.2)]);
    expect($close->sizeOf(cm(70.05), BetweenRule::Up)->size)->toBe(0)
        ->and($close->sizeOf(cm(70.1), BetweenRule::Down)->size)->toBe(1);
});

test('outside the row the end size is named, and no neighbour beyond it', function (): void {
    $below = bustRow()->sizeOf(cm(80), BetweenRule::Down);
    $above = bustRow()->sizeOf(cm(95), BetweenRule::Up);
    expect([$below->size, $below->standing, $below->lower, $below->upper])->toBe([2, ChartPosition::Below, null, 2])
        ->and([$above->size, $above->standing, $above->lower, $above->upper])->toBe([5, ChartPosition::Above, 5, null]);
});

test('the nearest size breaks a tie by the rule', function (): void {
    expect(bustRow()->nearest(cm(86), BetweenRule::Up))->toBe(3)
        ->and(bustRow()->nearest(cm(86), BetweenRule::Nearest))->toBe(3)
        ->and(bustRow()->nearest(cm(86), BetweenRule::Down))->toBe(2);
});

test('a row that stands still or falls is refused at the size where it does', function (array $values, int $at): void {
    try {
        SizeChart::of(ChartRow::Hip, array_map(static fn (int $value) => cm($value), $values));
        $this->fail('not refused');
    } catch (RowDoesNotRise $refused) {
        expect($refused->index())->toBe($at)->and($refused->row())->toBe(ChartRow::Hip);
    }
})->with([[[90, 94, 94], 2], [[90, 89, 94], 1]]);
